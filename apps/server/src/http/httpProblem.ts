import type { FieldError } from '@proper-swing/contract';

/** An answer that is an error, in the terms of RFC 9457. */
export class HttpProblem extends Error {
  constructor(
    readonly status: number,
    readonly title: string,
    readonly detail: string,
    readonly errors: readonly FieldError[] = [],
  ) {
    super(detail);
    this.name = 'HttpProblem';
  }
}

export function problem(status: number, title: string, detail: string, errors: readonly FieldError[] = []): HttpProblem {
  return new HttpProblem(status, title, detail, errors);
}
