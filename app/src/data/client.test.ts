import { exampleJob } from '../testing/exampleJob';
import { client, keys, laterOf, takeJob } from './client';

it('keeps the later of two answers, whichever arrives last', () => {
  const job = exampleJob();
  takeJob({ ...job, revision: 5, complaint: 'later' });
  takeJob({ ...job, revision: 4, complaint: 'overtaken' });
  expect(client.getQueryData(keys.job(job.id))).toMatchObject({ revision: 5, complaint: 'later' });
  expect(laterOf({ ...job, revision: 4 })).toMatchObject({ complaint: 'later' });
  takeJob({ ...job, revision: 6, complaint: 'latest' });
  expect(client.getQueryData(keys.job(job.id))).toMatchObject({ complaint: 'latest' });
  client.clear();
});
