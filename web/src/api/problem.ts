/** One sentence at one field; the field is empty when it concerns the whole. */
export interface FieldProblem {
  field: string;
  code: string;
  sentence: string;
}

/** What is wrong with a field: said while it is typed, or refused when it was sent. */
export type Wrong = string | FieldProblem;

export function sentenceOf(wrong: Wrong | undefined): string | undefined {
  return typeof wrong === 'object' ? wrong.sentence : wrong;
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

  /** What is wrong at a field, if anything is: the same thing as long as the refusal stands. */
  at(field: string): FieldProblem | undefined {
    return this.problems.find((p) => p.field === field);
  }

  /** Sentences that belong to none of the fields that the screen shows. */
  besides(fields: string[]): string[] {
    const rest = this.problems.filter((p) => !fields.includes(p.field)).map((p) => p.sentence);
    return this.problems.length === 0 ? [this.message] : rest;
  }
}
