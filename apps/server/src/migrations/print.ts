import { openStore } from '../record/openStore';

/** Prints the SQL that would bring a fresh, migrated database to what the descriptions of records say: the body of the next migration. */
const store = await openStore(':memory:');
const { upQueries, downQueries } = await store.driver.createSchemaBuilder().log();
process.stdout.write(
  `up:\n${upQueries.map(({ query }) => query).join('\n')}\n\ndown:\n${downQueries.map(({ query }) => query).join('\n')}\n`,
);
await store.destroy();
