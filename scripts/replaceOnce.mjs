import { readFileSync, writeFileSync } from 'node:fs';

/** Puts a text in a file's place of another, which must stand there once. @returns what the file held before */
export function replaceOnce(path, find, put) {
  const whole = readFileSync(path, 'utf8');
  const count = whole.split(find).length - 1;
  if (count !== 1) throw new Error(`"${find}" stands ${count} times in ${path}.`);
  writeFileSync(
    path,
    whole.replace(find, () => put),
  );
  return whole;
}
