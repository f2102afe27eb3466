import SwaggerParser from '@apidevtools/swagger-parser';
import { readFileSync } from 'node:fs';
import path from 'node:path';
import { OPEN_ROUTES, ROUTES } from './people/rules';
import { openApi } from './openapi';

describe('the API as it is published', () => {
  it('is what the server has: every route, and no other', () => {
    const { paths } = openApi() as { paths: Record<string, Record<string, unknown>> };
    const told = Object.entries(paths).flatMap(([at, methods]) =>
      Object.keys(methods).map(
        (method) => `${method.toUpperCase()} ${at.replace(/\{(\w+)\}/g, ':$1')}`,
      ),
    );
    expect(told.sort()).toEqual([...OPEN_ROUTES, ...Object.keys(ROUTES)].sort());
  });

  it('is a description that a general validator of OpenAPI takes', async () => {
    const valid = await SwaggerParser.validate(structuredClone(openApi()) as never);
    expect(valid.info.title).toBe('Hold Fast');
  });

  it('names no operation twice', () => {
    const ids = JSON.stringify(openApi()).match(/"operationId":"\w+"/g)!;
    expect(new Set(ids).size).toBe(ids.length);
  });

  it('stands in docs/formats as it is', () => {
    const file = path.resolve(__dirname, '../../docs/formats/openapi.json');
    expect(JSON.parse(readFileSync(file, 'utf8'))).toEqual(JSON.parse(JSON.stringify(openApi())));
  });
});
