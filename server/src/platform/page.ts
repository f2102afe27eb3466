import type { Page } from '@hold-fast/contract/jobs';
import { z } from 'zod';
import { select, type Queryable, type Value } from './database';
import { parse } from './parse';

/** Rows a page of a list holds. */
export const A_PAGE = 100;

const PageQuery = z.strictObject({ after: z.uuid().optional() });

/** The row that a page begins after, by its id; null at the head of a list. */
export const afterOf = (query: unknown): string | null => parse(PageQuery, query).after ?? null;

interface List {
  /** SELECT ... FROM ..., without WHERE. */
  rows: string;
  /** What is listed of them, where not all is. */
  where?: { sql: string; values: readonly Value[] };
  /** The columns it is ordered by: no two rows have the same. */
  key: string;
  /** The same columns of the row of one id. */
  keyOf: string;
  descending?: boolean;
}

/** A page of a list: the rows after the one of this id, and where the next page begins. */
export async function pageOf<Row extends { id: string }>(
  on: Queryable,
  { rows, where = { sql: 'TRUE', values: [] }, key, keyOf, descending = false }: List,
  after: string | null,
): Promise<Page<Row>> {
  const from = after === null ? '' : `AND (${key}) ${descending ? '<' : '>'} (${keyOf})`;
  const order = key
    .split(', ')
    .map((column) => `${column} ${descending ? 'DESC' : 'ASC'}`)
    .join(', ');
  const items = await select<Row>(
    on,
    `${rows} WHERE ${where.sql} ${from} ORDER BY ${order} LIMIT ${A_PAGE}`,
    [...where.values, ...(after === null ? [] : [after])],
  );
  return { items, after: items.length === A_PAGE ? items.at(-1)!.id : null };
}

/** The same page, each row made into what is told of it. */
export const madeInto = <Row, T>(page: Page<Row>, make: (row: Row) => T): Page<T> => ({
  ...page,
  items: page.items.map(make),
});
