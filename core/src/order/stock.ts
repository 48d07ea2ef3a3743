/** What is in the store is used before anything is bought: opened containers first, then what spoils first. */
import type { Problem } from '../problems/index.ts';
import type { Item } from './items.ts';
import type { StockItem } from './schema.ts';

export interface Drawn {
  readonly stock: StockItem;
  readonly amount: number;
}

export class Store {
  private readonly left: Map<string, number>;
  private readonly touched = new Set<string>();

  constructor(private readonly stock: readonly StockItem[]) {
    this.left = new Map(stock.map((s) => [s.id, s.amount]));
  }

  /** How much of an item's unit one unit of stock is; undefined where it is something else. */
  private each({ key, formerly }: Item, s: StockItem): number | undefined {
    if (s.item !== key && s.item !== formerly?.key) return undefined;
    return formerly && (s.unit ?? formerly.unit) === formerly.unit ? formerly.each : 1;
  }

  /**
   * Takes what is there of an item, up to an amount.
   * @param usedBy the day until which it is laid; what spoils before is left, and said
   */
  draw(item: Item, amount: number, usedBy: string | undefined): { taken: Drawn[]; problems: Problem[] } {
    const taken: Drawn[] = [];
    const problems: Problem[] = [];
    let wanted = amount;
    const mine = this.stock
      .filter((s) => this.each(item, s) !== undefined)
      .sort(
        (a, b) =>
          Number(b.opened) - Number(a.opened) || (a.bestBefore ?? '9').localeCompare(b.bestBefore ?? '9'),
      );
    for (const stock of mine) {
      this.touched.add(stock.id);
      if (stock.bestBefore !== undefined && usedBy !== undefined && stock.bestBefore < usedBy) {
        problems.push({
          kind: 'order',
          field: `stock/${stock.id}`,
          label: `${stock.name} in stock`,
          actual: `best before ${stock.bestBefore}, laid until ${usedBy}`,
          expected: 'stock that keeps until it is laid: it is not counted',
        });
        continue;
      }
      const each = this.each(item, stock) ?? 1;
      const there = Math.min(wanted, (this.left.get(stock.id) ?? 0) * each);
      if (there <= 0) continue;
      taken.push({ stock, amount: there });
      this.left.set(stock.id, (this.left.get(stock.id) ?? 0) - there / each);
      wanted -= there;
    }
    return { taken, problems };
  }

  /** Stock that nothing asked for. */
  idle(): StockItem[] {
    return this.stock.filter((s) => !this.touched.has(s.id));
  }
}
