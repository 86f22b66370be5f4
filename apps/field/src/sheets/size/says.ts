import type { HingesToBuy } from '@proper-swing/core/sheets';

export function sizeSays({ count, heightIn, widthIn }: HingesToBuy): string {
  return `${count} hinges, ${heightIn} in high and ${widthIn} in wide open.`;
}
