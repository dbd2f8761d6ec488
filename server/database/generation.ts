import { QueryTypes, type Sequelize } from 'sequelize';
import { StartupError } from '../startupError';

/**
 * Which generation of tables, acts and sheets this code reads and writes. Nothing has been released:
 * where any of them changes so that older ones cannot be read, this is raised, and a database of
 * another generation is left alone.
 */
export const GENERATION = 10;

/**
 * Looks whether a database is empty or of this code's own generation, changing nothing.
 * @param known the migrations this code has
 * @throws StartupError for a database of an older or newer build
 */
export async function requireGeneration(
  sequelize: Sequelize,
  known: readonly string[],
): Promise<void> {
  const [tables] = await sequelize.query<{ instance: boolean; generation: boolean }>(
    `SELECT to_regclass('instance') IS NOT NULL AS instance,
            to_regclass('generation') IS NOT NULL AS generation`,
    { type: QueryTypes.SELECT },
  );
  if (!tables?.instance && !tables?.generation) return;
  if (!tables.generation) throw older(1);
  const [row] = await sequelize.query<{ number: number }>('SELECT number FROM generation', {
    type: QueryTypes.SELECT,
  });
  const number = row?.number ?? 1;
  if (number < GENERATION) throw older(number);
  if (number > GENERATION) throw newer();
  const applied = await sequelize.query<{ name: string }>('SELECT name FROM migrations', {
    type: QueryTypes.SELECT,
  });
  if (applied.some(({ name }) => !known.includes(name))) throw newer();
}

function older(number: number): StartupError {
  return new StartupError(
    `This database was made by an older build (generation ${number}; this one reads ${GENERATION}). ` +
      'It was left as it is. Begin anew beside it with "npm start -- --fresh", or give DATABASE_URL ' +
      'an empty database; the older build still opens the old one.',
  );
}

function newer(): StartupError {
  return new StartupError(
    'This database was made by a newer build of Cardinex. It was left as it is. Start the newer ' +
      'build, or give DATABASE_URL another database.',
  );
}
