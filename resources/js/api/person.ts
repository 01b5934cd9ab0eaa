/** For whom this page was opened, and whether the server still knows them: told to every call, and to whoever shows it. */
let person: number | null = null;
let ended = false;
const listeners = new Set<() => void>();

export const thePerson = (): number | null => person;

export function setPerson(id: number | null): void {
    person = id;
    if (id !== null) tell(false);
}

/** The server does not know them any more: what is under way waits until they are back. */
export function sessionEnded(): void {
    if (person !== null) tell(true);
}

export const hasEnded = (): boolean => ended;

export function onSession(listener: () => void): () => void {
    listeners.add(listener);
    return () => listeners.delete(listener);
}

function tell(now: boolean): void {
    if (now === ended) return;
    ended = now;
    listeners.forEach((listener) => listener());
}
