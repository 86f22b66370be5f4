/** An answer that is JSON already, written where it was computed. */
export class JsonText {
  constructor(readonly text: string) {}
}
