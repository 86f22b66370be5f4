/** Five figures and more with what stands between them when a number is written down. */
const TELEPHONE = /\+?\(?\d(?:[\s()/.-]*\d){4,}/;

/** What dials the number in what is written of whom to ask; nothing where there is none. */
export function dialLink(contact: string): { number: string; href: string } | undefined {
  const number = TELEPHONE.exec(contact)?.[0];
  return number === undefined ? undefined : { number, href: `tel:${number.replace(/[^\d+]/g, '')}` };
}

/** What opens the maps at an address: those of the device by its own link (`geo:` is RFC 5870), else an open map in the browser. */
export function mapLink(address: string, device: string): string | undefined {
  const sought = encodeURIComponent(address.trim());
  if (sought === '') return undefined;
  if (device.includes('Android')) return `geo:0,0?q=${sought}`;
  return /iPhone|iPad/.test(device) ? `maps:?q=${sought}` : `https://www.openstreetmap.org/search?query=${sought}`;
}
