import type { Reading } from '../api/contract';

export type Source = Reading['source'];

/** Best first. */
export const SOURCES: Source[] = ['tape', 'laser', 'count', 'report', 'wheel'];
