/** A file of letters: its address. */
declare module '*.woff2' {
  const address: string;
  export = address;
}

/** The same as the writer of PDFs takes it. */
declare module '*.woff' {
  const address: string;
  export = address;
}
