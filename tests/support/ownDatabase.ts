export interface TestPlace {
  readonly databaseUrl: string;
  readonly folder: string;
}

// Vitest numbers its workers from one; databaseSetup.ts made a place for each.
const places = JSON.parse(process.env.OWL_TEST_PLACES ?? '[]') as readonly TestPlace[];
const mine = places[(Number(process.env.VITEST_POOL_ID ?? 1) - 1) % Math.max(1, places.length)];
if (mine) {
  process.env.OWL_DATABASE_URL = mine.databaseUrl;
  process.env.OWL_DATA_FOLDER = mine.folder;
}
