import { CheckIn, JobEdit } from '@hold-fast/contract/checkIn';
import { SentEntry } from '@hold-fast/contract/entries';
import { Photo } from '@hold-fast/contract/photos';
import { Amendment, Decision, SignOff } from '@hold-fast/contract/signOff';
import { Router } from 'express';
import { z } from 'zod';
import { entryAllowed } from './rules';
import type { Tries } from '../platform/tries';
import { parse } from '../platform/parse';
import { Refusal } from '../platform/refusal';
import { personOn } from '../platform/session';
import type { Shop } from '../platform/shop';
import { checkIn, editJob } from './checkIn';
import { decide } from './decide';
import { appendEntry } from './entries';
import { readJob } from './readStore';
import { benchPage } from './bench';
import { addPhoto, jpegOf } from './photos';
import { amend, signOff } from './signOff';

const JobId = z.object({ jobId: z.uuid() });
const PhotoId = z.object({ photoId: z.uuid() });
const BenchQuery = z.strictObject({
  after: z
    .string()
    .regex(/^\d{4}-\d\d-\d\dT[\d:.]+Z [0-9a-f-]{36}$/)
    .optional(),
});

export function jobsRoutes(shop: Shop, tries: Tries): Router {
  const { pool } = shop;
  const routes = Router();

  routes.get('/bench', async (request, response) => {
    const { after } = parse(BenchQuery, request.query);
    const [promisedAt, id] = after?.split(' ') ?? [];
    response.json(
      await benchPage(pool, promisedAt && id ? { promisedAt: new Date(promisedAt), id } : null),
    );
  });

  routes.post('/jobs', async (request, response) => {
    const taken = parse(CheckIn, request.body);
    response.status(201).json(await checkIn(shop, personOn(response), taken));
  });

  routes.get('/jobs/:jobId', async (request, response) => {
    response.json((await readJob(pool, parse(JobId, request.params).jobId)).log);
  });

  routes.put('/jobs/:jobId', async (request, response) => {
    const { jobId } = parse(JobId, request.params);
    response.json(await editJob(shop, personOn(response), jobId, parse(JobEdit, request.body)));
  });

  routes.post('/jobs/:jobId/entries', async (request, response) => {
    const { jobId } = parse(JobId, request.params);
    const sent = parse(SentEntry, request.body);
    const person = personOn(response);
    if (sent.by !== undefined && sent.by !== person.id) throw new Refusal('other-person');
    entryAllowed(person, sent.entry.kind);
    response.status(201).json(await appendEntry(shop, person, jobId, sent));
  });

  routes.post('/jobs/:jobId/decisions', async (request, response) => {
    const { jobId } = parse(JobId, request.params);
    response
      .status(201)
      .json(await decide(shop, tries, personOn(response), jobId, parse(Decision, request.body)));
  });

  routes.post('/jobs/:jobId/sign-off', async (request, response) => {
    const { jobId } = parse(JobId, request.params);
    response
      .status(201)
      .json(await signOff(shop, tries, personOn(response), jobId, parse(SignOff, request.body)));
  });

  routes.post('/jobs/:jobId/amendments', async (request, response) => {
    const { jobId } = parse(JobId, request.params);
    response
      .status(201)
      .json(await amend(shop, tries, personOn(response), jobId, parse(Amendment, request.body)));
  });

  // A picture is larger than anything else that is sent.
  routes.post('/jobs/:jobId/photos', async (request, response) => {
    const { jobId } = parse(JobId, request.params);
    const photo = parse(Photo, request.body);
    const person = personOn(response);
    if (photo.by !== undefined && photo.by !== person.id) throw new Refusal('other-person');
    response.status(201).json(await addPhoto(shop, person, jobId, photo));
  });

  routes.get('/photos/:photoId', async (request, response) => {
    const jpeg = await jpegOf(pool, parse(PhotoId, request.params).photoId);
    if (!jpeg) throw new Refusal('not-found');
    response.set('cache-control', 'private, max-age=86400').type('image/jpeg').send(jpeg);
  });

  return routes;
}
