import { hash, verify } from '@node-rs/argon2';

// Argon2id at 19 MiB, two rounds, one lane. Source [S]: RFC 9106 for the function; the parameters are a common floor.
const PARAMETERS = { memoryCost: 19_456, timeCost: 2, parallelism: 1 };

// Verified against when a name is unknown, so that an unknown name takes as long to refuse as a known one.
let nobody: Promise<string> | undefined;

export function hashSecret(secret: string): Promise<string> {
  return hash(secret, PARAMETERS);
}

export async function secretMatches(secretHash: string | null, secret: string): Promise<boolean> {
  nobody ??= hashSecret('nobody');
  const matches = await verify(secretHash ?? (await nobody), secret);
  return secretHash !== null && matches;
}
