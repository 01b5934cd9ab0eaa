import { sessionEnded, thePerson } from './person';
import { ASK_AGAIN_MS, StillWorking } from './StillWorking';
import { heardOf } from './version';

/** Talks to the server: session cookie, forgery token, faults as values that screens can show. */
export interface FieldFault {
    field: string;
    message: string;
}

export class ApiError extends Error {
    constructor(
        readonly status: number,
        readonly body: unknown,
    ) {
        super(`HTTP ${status}`);
    }

    /** What the server says is wrong, field by field. */
    get faults(): FieldFault[] {
        const body = this.body as { faults?: FieldFault[]; errors?: Record<string, string[]> } | null;
        if (body?.faults) return body.faults;
        return Object.entries(body?.errors ?? {}).map(([field, messages]) => ({ field, message: messages[0] }));
    }

    /** What it says besides, in words. */
    get message409(): string | null {
        return (this.body as { message?: string } | null)?.message ?? null;
    }
}

/** The server could not be reached at all. */
export class OfflineError extends Error {}

const AT_THE_DOOR = /^(session|password\/forgotten|invitations\/|resets\/)/;

function forgeryToken(): string {
    const cookie = document.cookie.split('; ').find((one) => one.startsWith('XSRF-TOKEN='));
    return cookie ? decodeURIComponent(cookie.slice('XSRF-TOKEN='.length)) : '';
}

/** Sends a file with a form's other fields; empty ones are left out. */
export function sendFile<T>(path: string, file: File, fields: Record<string, string>): Promise<T> {
    const form = new FormData();
    form.append('file', file);
    for (const [name, value] of Object.entries(fields)) if (value !== '') form.append(name, value);
    return call<T>('POST', path, form);
}

/** @throws OfflineError where no server answers */
async function ask(method: string, path: string, body: unknown, headers: Record<string, string>): Promise<Response> {
    // Getting in is not done in anybody's name.
    const person = AT_THE_DOOR.test(path) ? null : thePerson();
    try {
        return await fetch(`/api/${path}`, {
            method,
            credentials: 'same-origin',
            headers: {
                Accept: 'application/json',
                'X-XSRF-TOKEN': forgeryToken(),
                ...(person === null ? {} : { 'X-Person': String(person) }),
                ...(body === undefined || body instanceof FormData ? {} : { 'Content-Type': 'application/json' }),
                ...headers,
            },
            body: sentAs(body),
        });
    } catch {
        throw new OfflineError();
    }
}

function sentAs(body: unknown): BodyInit | undefined {
    if (body === undefined) return undefined;
    return typeof body === 'string' || body instanceof FormData ? body : JSON.stringify(body);
}

/** Null where it is nothing, or no JSON. */
function parsedOf(text: string): unknown {
    try {
        return text === '' ? null : JSON.parse(text);
    } catch {
        return null;
    }
}

export async function call<T>(
    method: string,
    path: string,
    body?: unknown,
    headers: Record<string, string> = {},
    again = false,
): Promise<T> {
    const response = await ask(method, path, body, headers);
    heardOf(response.headers.get('X-Version'));
    const parsed = parsedOf(await response.text());
    if (response.status === 419 && !again) {
        // The page is older than its session; asking brings a token of the one there is now.
        await fetch('/api/session', { credentials: 'same-origin', headers: { Accept: 'application/json' } });
        return call<T>(method, path, body, headers, true);
    }
    if (response.status === 401) sessionEnded();
    if (!response.ok) throw new ApiError(response.status, parsed);
    if (response.status === 202) {
        if (method === 'GET') throw StillWorking.of(parsed);
        // Nobody asks again for what is done by asking; the server tells two that are the same.
        await new Promise((again) => window.setTimeout(again, ASK_AGAIN_MS));
        return call<T>(method, path, body, headers);
    }
    return parsed as T;
}
