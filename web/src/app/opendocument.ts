/** What others need to know of an open document. */
import type { Problem } from '@lentum/core/problems';

export type SaveState = 'saved' | 'waiting' | 'saving' | 'refused' | 'conflict' | 'offline';

/** What the frame needs of any document, as the store hands it out. */
export interface OpenDocument {
  readonly draft: object;
  readonly content: object;
  readonly state: SaveState;
  readonly refusal: string;
  readonly refused: readonly Problem[];
  readonly version: number;
  readonly newest:
    | {
        readonly version: number;
        readonly body: object;
        readonly from: number;
        readonly base: string | undefined;
      }
    | undefined;
  readonly canUndo: boolean;
  readonly canRedo: boolean;
  readonly undo: () => void;
  readonly redo: () => void;
  readonly settleAs: (chosen: never) => Promise<void>;
}
