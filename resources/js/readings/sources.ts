import type { Reading } from '../contracts/survey';

export type Source = Reading['source'];

/** Best first. */
export const SOURCES: Source[] = ['tape', 'laser', 'count', 'drawing', 'report', 'wheel'];
