/** What an offer says of an item: the price of a pack, and the packs that it prices. */
import type { Item, Pack } from '../items.ts';
import type { Offer } from './schema.ts';

/** A plain decimal; undefined where the offer does not price the pack, or is in another currency. */
export const priceOf = (offer: Offer, item: Item, pack: Pack): string | undefined =>
  offer.currency === item.currency
    ? offer.lines.find((l) => l.item === item.key && l.packId === pack.id)?.price
    : undefined;

/** Packs with the prices of an offer; packs that it does not price are left out. */
export const packsOffered = (offer: Offer, item: Item): Pack[] =>
  item.packs.flatMap((p) => {
    const price = priceOf(offer, item, p);
    return price === undefined ? [] : [{ ...p, price: { value: Number(price), source: 'chosen' as const } }];
  });
