/** Why Dellop cannot begin: one sentence for a person. Nothing was touched. */
export class StartProblem extends Error {
  constructor(sentence: string) {
    super(sentence)
    this.name = 'StartProblem'
  }
}
