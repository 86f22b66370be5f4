/** A file of letters: its address. */
declare module '*.woff2' {
  const address: string;
  export = address;
}
