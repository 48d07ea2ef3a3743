/** The arithmetic of a formula as it is written: + − × / ( ), numbers, names in braces, and the functions of figures. */
import { DEGREES_PER_RADIAN } from '../units/index.ts';
import type { FORMULA_FUNCTIONS } from './figure.ts';

const FUNCTIONS: Readonly<Record<(typeof FORMULA_FUNCTIONS)[number], (...v: number[]) => number>> = {
  ceil: Math.ceil,
  floor: Math.floor,
  ln: Math.log,
  exp: Math.exp,
  min: Math.min,
  max: Math.max,
  sqrt: Math.sqrt,
  abs: Math.abs,
  atan: Math.atan,
  sind: (degrees) => Math.sin(degrees / DEGREES_PER_RADIAN),
};
const isFunction = (name: string): name is keyof typeof FUNCTIONS => Object.hasOwn(FUNCTIONS, name);

export type Node =
  | { readonly kind: 'number'; readonly value: number }
  | { readonly kind: 'name'; readonly name: string }
  | { readonly kind: 'call'; readonly name: keyof typeof FUNCTIONS; readonly of: readonly Node[] }
  | { readonly kind: '+' | '−' | '×' | '/'; readonly a: Node; readonly b: Node };

const TOKEN = /\s*(?:(\d+(?:\.\d+)?)|\{(\w+)\}|([a-z]+)|([-+−×*/(),]))/y;

function tokensOf(text: string): string[] {
  const found: string[] = [];
  TOKEN.lastIndex = 0;
  const end = text.trimEnd().length;
  while (TOKEN.lastIndex < end) {
    const at = TOKEN.lastIndex;
    const token = TOKEN.exec(text);
    if (!token) throw new Error(`no formula: “${text}” at ${at}`);
    found.push(token[0].trim());
  }
  return found;
}

/** Reads the tokens of a formula, by the usual order: × and / before + and −, from the left. */
class Reader {
  private at = 0;
  constructor(private readonly tokens: readonly string[]) {}
  private take(...any: string[]): string | undefined {
    const token = this.tokens[this.at];
    if (token === undefined || !any.includes(token)) return undefined;
    this.at += 1;
    return token;
  }
  private need(token: string): void {
    if (this.take(token) === undefined)
      throw new Error(`no formula: ${token} expected, not ${this.tokens[this.at] ?? 'the end'}`);
  }
  whole(): Node {
    const node = this.sum();
    if (this.at < this.tokens.length) throw new Error(`no formula: ${this.tokens[this.at] ?? ''} at its end`);
    return node;
  }
  private sum(): Node {
    let a = this.product();
    for (let sign = this.take('+', '−', '-'); sign; sign = this.take('+', '−', '-'))
      a = { kind: sign === '+' ? '+' : '−', a, b: this.product() };
    return a;
  }
  private product(): Node {
    let a = this.factor();
    for (let sign = this.take('×', '*', '/'); sign; sign = this.take('×', '*', '/'))
      a = { kind: sign === '/' ? '/' : '×', a, b: this.factor() };
    return a;
  }
  private factor(): Node {
    if (this.take('−', '-')) return { kind: '−', a: { kind: 'number', value: 0 }, b: this.factor() };
    if (this.take('(')) {
      const inner = this.sum();
      this.need(')');
      return inner;
    }
    const token = this.tokens[this.at] ?? '';
    this.at += 1;
    if (token.startsWith('{')) return { kind: 'name', name: token.slice(1, -1) };
    if (isFunction(token)) {
      this.need('(');
      const of = [this.sum()];
      while (this.take(',')) of.push(this.sum());
      this.need(')');
      return { kind: 'call', name: token, of };
    }
    const value = Number(token);
    if (token === '' || Number.isNaN(value))
      throw new Error(`no formula: ${token || 'the end'} is no number`);
    return { kind: 'number', value };
  }
}

/** @throws where the text is no formula */
export const readFormula = (text: string): Node => new Reader(tokensOf(text)).whole();

/**
 * The value of a formula.
 * @param valueOf the figure that stands under a name
 */
export function valueOf(node: Node, valueOfName: (name: string) => number): number {
  switch (node.kind) {
    case 'number':
      return node.value;
    case 'name':
      return valueOfName(node.name);
    case 'call':
      return FUNCTIONS[node.name](...node.of.map((n) => valueOf(n, valueOfName)));
    default: {
      const [a, b] = [valueOf(node.a, valueOfName), valueOf(node.b, valueOfName)];
      return node.kind === '+' ? a + b : node.kind === '−' ? a - b : node.kind === '×' ? a * b : a / b;
    }
  }
}

/** A sum stands in brackets where something is multiplied with it. */
export const isSum = (node: Node): boolean => node.kind === '+' || node.kind === '−';
