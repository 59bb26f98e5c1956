/** One sentence at one field; the field is empty when it concerns the whole. */
export interface FieldProblem {
  field: string;
  code: string;
  sentence: string;
}

/** What the server refused, in its own words. Status 0: the server did not answer. */
export class Problem extends Error {
  constructor(
    readonly status: number,
    sentence: string,
    readonly problems: FieldProblem[],
    readonly current?: unknown,
  ) {
    super(sentence);
  }

  /** The sentence at a field, if there is one. */
  at(field: string): string | undefined {
    return this.problems.find((p) => p.field === field)?.sentence;
  }

  /** Sentences that belong to none of the fields that the screen shows. */
  besides(fields: string[]): string[] {
    const rest = this.problems.filter((p) => !fields.includes(p.field)).map((p) => p.sentence);
    return this.problems.length === 0 ? [this.message] : rest;
  }
}
