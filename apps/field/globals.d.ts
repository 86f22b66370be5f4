declare module '*.ttf' {
  const font: number;
  export default font;
}
