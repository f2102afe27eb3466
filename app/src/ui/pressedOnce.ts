/** So soon after another, ms, and so near to it, px, a press is the second of a double one [D]. */
const SOON_MS = 350;
const NEAR_PX = 30;

type Press = Partial<
  Pick<PointerEvent, 'detail' | 'pointerType' | 'timeStamp' | 'clientX' | 'clientY'>
>;

let last: Press = {};

/**
 * What a press does, but for the second of a double one: nobody has done the next thing by then. A browser counts them in `detail`; of a
 * finger some browsers count each as the first, so that time and place tell. A mouse’s are counted by all.
 */
export const pressedOnce =
  (act: () => void) =>
  (press?: { nativeEvent?: object }): void => {
    const now = (press?.nativeEvent ?? {}) as Press;
    const second = now.detail! > 1 || (isFinger(now) && isSoonAndNear(last, now));
    last = now;
    if (!second) act();
  };

const isFinger = ({ detail, pointerType }: Press) => detail === 1 && pointerType !== 'mouse';

const isSoonAndNear = (one: Press, other: Press) =>
  other.timeStamp! - one.timeStamp! < SOON_MS &&
  Math.hypot(other.clientX! - one.clientX!, other.clientY! - one.clientY!) < NEAR_PX;
