/** Things named one after the other, as the language does it. */
type Say = (code: string, values: { before: string; next: string }) => string;

/** What is not said is left out. */
type Said = string | false | null | undefined;

/** `a, b, c` */
export const listed = (t: Say, names: Said[]): string => inWords(t, 'list.next', names);

/** `a · b · c`: what stands beside each other and is no sentence. */
export const beside = (t: Say, said: Said[]): string => inWords(t, 'list.beside', said);

const inWords = (t: Say, code: string, all: Said[]): string =>
    all.reduce<string>((before, next) => (!next ? before : before === '' ? next : t(code, { before, next })), '');
