/** What happened, as a page tells it: contracts/facts. */

export type FactKind = 'cut' | 'taped' | 'corrected';

export type Said = Record<string, string | number | boolean>;

export interface Fact {
    /** Made here: told twice it is the same. */
    id: string;
    kind: FactKind;
    subject: string;
    said?: Said;
    at: string;
}

export type Telling = Omit<Fact, 'id' | 'at'>;

/** What a page says happened just now. */
export const happened = (one: Telling, at = new Date()): Fact => ({ ...one, id: freshUuid(), at: at.toISOString() });

/** What was told was told wrong: it never was, or something of it was otherwise. */
export const corrected = (fact: string, said?: Said): Telling => ({
    kind: 'corrected',
    subject: fact,
    ...(said ? { said } : {}),
});

/**
 * Facts of one kind about one thing that stand by now: those a plan knows of, and what this page has told since.
 *
 * @param known ids of those the plan knows of
 */
export function standing(told: Fact[], kind: FactKind, subject: string, known: string[]): string[] {
    const own = told.filter((fact) => fact.kind === kind && fact.subject === subject).map((fact) => fact.id);
    const gone = new Set(withdrawn(told));
    return [...new Set([...known, ...own])].filter((id) => !gone.has(id));
}

/** What this page has taken back. */
export const withdrawn = (told: Fact[]): string[] =>
    told.filter((fact) => fact.kind === 'corrected' && !fact.said).map((fact) => fact.subject);

/** Also where a page did not come by a safe way, and the browser makes none. */
function freshUuid(): string {
    const bytes = crypto.getRandomValues(new Uint8Array(16));
    bytes[6] = (bytes[6] & 0x0f) | 0x40;
    bytes[8] = (bytes[8] & 0x3f) | 0x80;
    const hex = [...bytes].map((byte) => byte.toString(16).padStart(2, '0')).join('');
    return [hex.slice(0, 8), hex.slice(8, 12), hex.slice(12, 16), hex.slice(16, 20), hex.slice(20)].join('-');
}
