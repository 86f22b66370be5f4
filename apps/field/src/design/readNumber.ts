/** A number as people type it, with a comma or a long minus too; NaN for what is none, an empty line among it. */
export const readNumber = (text: string): number => (text.trim() === '' ? NaN : Number(text.replace(',', '.').replace('−', '-')));
