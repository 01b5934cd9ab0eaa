/** Things named one after the other, as the language does it. */
type Say = (code: string, values: { before: string; next: string }) => string;

/** `a, b, c` */
export const listed = (t: Say, names: string[]): string => inWords(t, 'list.next', names);

/** `a · b · c`: what stands beside each other and is no sentence. */
export const beside = (t: Say, said: string[]): string => inWords(t, 'list.beside', said);

const inWords = (t: Say, code: string, all: string[]): string =>
    all.reduce((before, next) => (before === '' ? next : t(code, { before, next })), '');
