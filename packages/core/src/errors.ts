/** The one error the core throws: what is wrong, in which field, in words a person can act on. */
export class DomainError extends Error {
  readonly code: string;
  /** Path of the offending input, such as `readings[3].mm`. */
  readonly field: string;

  constructor(code: string, field: string, message: string) {
    super(message);
    this.name = 'DomainError';
    this.code = code;
    this.field = field;
  }
}
