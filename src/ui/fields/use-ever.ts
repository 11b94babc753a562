import { useState } from 'react';

/** True from the first time on that it is told so: what was opened once stays, and closes as it should. */
export function useEver(now: boolean): boolean {
  const [ever, setEver] = useState(now);
  if (now && !ever) setEver(true);
  return ever || now;
}
