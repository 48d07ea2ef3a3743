/** A page that whoever is signed in may only read: its fields can be read and copied, not typed into. */
import { inject, provide, ref, type InjectionKey, type Ref } from 'vue';

const HELD: InjectionKey<Readonly<Ref<boolean>>> = Symbol('held');

export const provideHeld = (held: Readonly<Ref<boolean>>): void => provide(HELD, held);

/** Whether the page around is only read. */
export const useHeld = (): Readonly<Ref<boolean>> => inject(HELD, () => ref(false), true);

/** For a control that is off for a reason of its own, and else as the fields around it are. */
export const offWhere = (off: boolean): { disabled?: true } => (off ? { disabled: true } : {});
