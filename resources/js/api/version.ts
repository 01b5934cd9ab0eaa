/** Whether the server has newer screens than this page: offered to whoever uses it, and never taken for them. */
let newest: string | null = null;
let put: string | null = null;
const listeners = new Set<() => void>();

const opened = (): string => document.querySelector<HTMLMetaElement>('meta[name=version]')?.content ?? '';

/** What an answer says of the version that belongs to its server. */
export function heardOf(version: string | null): void {
    if (!version || version === newest) return;
    newest = version;
    tell();
}

export const isOutdated = (): boolean => newest !== null && opened() !== '' && newest !== opened() && newest !== put;

/** Not now: the same version is not offered again on this page. */
export function putOff(): void {
    put = newest;
    tell();
}

export function onVersion(listener: () => void): () => void {
    listeners.add(listener);
    return () => listeners.delete(listener);
}

function tell(): void {
    listeners.forEach((listener) => listener());
}
