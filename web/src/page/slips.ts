import { inject, provide, shallowRef, type InjectionKey, type Ref } from 'vue'

type Slips = Readonly<Ref<ReadonlyMap<string, number>>>
const SLIPS: InjectionKey<Slips> = Symbol('where it went wrong lately')
const NONE: Slips = shallowRef(new Map())

/** Tells the page drawn below how often it lately went wrong at each danced slot, by its key. */
export const provideSlips = (slips: Slips): void => provide(SLIPS, slips)
/** How often it lately went wrong at each danced slot; nothing where nobody has told. */
export const useSlips = (): Slips => inject(SLIPS, NONE)
