/** English sentences for what can be wrong with a hall. */
export const PROBLEMS = {
  'hall.size': ({ text }: { text: string }) =>
    `“${text}” is no size of a hall: its width and length in metres, such as 9 x 14 m, were expected.`,
  'hall.thing': ({ text }: { text: string }) =>
    `“${text}”: what stands there, its left top corner and its size in metres, such as stage 0,0 9x2.5, was expected.`,
}
