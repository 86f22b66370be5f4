import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { migrationNames } from '.';
import { openStore } from '../record/openStore';
import { databaseOfDay, isStored, storedFile } from './storedDatabase';

/**
 * `npm run migration -- van-stock` writes the migration that brings the database to what the descriptions of records say; what moves
 * rows is added to it by hand. `npm run migration` then stores a database of its day beside it, to be opened in a test for ever.
 */
const [title] = process.argv.slice(2);
if (title === undefined) for (const name of migrationNames()) await store(name);
else await draft(title);

async function store(name: string) {
  if (isStored(name)) return;
  writeFileSync(storedFile(name), await databaseOfDay(name));
  console.log(`Stored the database of ${name}.`);
}

async function draft(words: string) {
  if (!/^[a-z]+(-[a-z]+)*$/.test(words)) throw new Error('Name the migration in small letters with hyphens, such as van-stock.');
  const source = await openStore(':memory:');
  const { upQueries, downQueries } = await source.driver.createSchemaBuilder().log();
  await source.destroy();
  if (upQueries.length === 0) throw new Error('The database is what the descriptions of records say: there is nothing to migrate.');
  const stamp = String(Date.now());
  const called = words.replace(/(^|-)([a-z])/g, (_, __, letter: string) => letter.toUpperCase()) + stamp;
  const body = (queries: readonly { query: string }[]) =>
    queries.map(({ query }) => `    await runner.query(${JSON.stringify(query)});\n`).join('');
  writeFileSync(
    join(import.meta.dirname, `${stamp}-${words}.ts`),
    `import type { MigrationInterface, QueryRunner } from 'typeorm';

export class ${called} implements MigrationInterface {
  name = '${called}';

  async up(runner: QueryRunner): Promise<void> {
${body(upQueries)}  }

  async down(runner: QueryRunner): Promise<void> {
${body(downQueries)}  }
}
`,
  );
  console.log(`Wrote ${stamp}-${words}.ts.`);
}
