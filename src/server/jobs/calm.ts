import { setPriority } from 'node:os';
import { standBack } from '../kernel/environment';

/** Lets a process of heavy work stand back: pages and the marks of coaches go first. */
export function calm(pid: number): void {
  try {
    setPriority(pid, standBack());
  } catch {
    // It has ended already, or the system does not allow it: then it runs as it is.
  }
}
