import type { ChainState } from '@hold-fast/contract/jobs';
import { continueChain } from '@hold-fast/core/seal/chain';
import { createHash } from 'node:crypto';
import { setImmediate as others } from 'node:timers/promises';
import type { Shop } from '../platform/shop';
import { chainAfter, chainLength } from './store';

/** Links that are read at once; between any two of them others are served. */
const AT_ONCE = 20;
const sealOf = (canonical: string) => createHash('sha256').update(canonical, 'utf8').digest('hex');

/**
 * Walks the chain of seals beside the shop's work and not in its way: from the first link once, then only what was added since
 * the last one checked. Whoever asks is told how far it has come.
 */
export class ChainWatch {
  #checked: { number: number; seal: string | null } = { number: 0, seal: null };
  #broken: Extract<ChainState, { whole: false }> | null = null;
  #walking: Promise<void> | null = null;

  constructor(private readonly shop: Pick<Shop, 'pool' | 'log'>) {}

  /** How the chain stands as far as it was walked, and how far that is; walking goes on by itself. */
  async state(): Promise<ChainState> {
    const links = await chainLength(this.shop.pool);
    if (this.#broken) return this.#broken;
    if (this.#checked.number < links) void this.walk();
    return { whole: true, checked: this.#checked.number, links, head: this.#checked.seal };
  }

  /** Walks on to the end as it now is. */
  walk(): Promise<void> {
    this.#walking ??= this.#on()
      .catch((error: unknown) => this.shop.log.error({ err: error }, 'the chain was not checked'))
      .finally(() => {
        this.#walking = null;
      });
    return this.#walking;
  }

  async #on(): Promise<void> {
    while (!this.#broken) {
      const links = await chainAfter(this.shop.pool, this.#checked.number, AT_ONCE);
      if (links.length === 0) return;
      for (const link of links) {
        const because = continueChain(this.#checked.seal, link, sealOf);
        if (because) {
          this.#broken = { whole: false, number: link.number, because };
          this.shop.log.error(this.#broken, 'the chain of seals is broken');
          return;
        }
        this.#checked = { number: link.number, seal: link.seal };
        await others();
      }
    }
  }
}
