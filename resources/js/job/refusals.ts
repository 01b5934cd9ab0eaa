/** What of a document the server would not take: found in it, and left out of it, so that all the rest is saved. */
import type { FieldFault } from '../api/client';
import type { JobDocument } from '../contracts/job';

/** One step into a document: a field by its name, or a thing of a list by its id. */
export type Step = { field: string } | { id: string };

export interface Refused extends FieldFault {
    /** Where it is, from the document's root; taking this back takes the fault away. */
    place: Step[];
}

type Node = Record<string, unknown> | unknown[];

const isNode = (value: unknown): value is Node => typeof value === 'object' && value !== null;

function idOf(thing: unknown): string | null {
    const { id, key } = (isNode(thing) ? thing : {}) as { id?: unknown; key?: unknown };
    return typeof id === 'string' ? id : typeof key === 'string' ? key : null;
}

function child(node: unknown, step: Step): unknown {
    if ('field' in step) return isNode(node) && !Array.isArray(node) ? node[step.field] : undefined;
    return Array.isArray(node) ? node.find((thing) => idOf(thing) === step.id) : undefined;
}

/** A field as faults name it, roof.planes[0].readings[5].panels, as steps into the document; names may hold dots. */
function stepsOf(document: JobDocument, field: string): Step[] {
    const steps: Step[] = [];
    let node: unknown = document;
    let rest = field;
    while (rest !== '') {
        const index = /^\[(\d+)\]\.?/.exec(rest);
        if (index) {
            if (!Array.isArray(node)) break;
            const id = idOf(node[Number(index[1])]);
            // A list of bare values is one thing.
            if (id === null) break;
            steps.push({ id });
            node = node[Number(index[1])];
            rest = rest.slice(index[0].length);
            continue;
        }
        if (!isNode(node) || Array.isArray(node)) break;
        const name = Object.keys(node)
            .filter((key) => rest === key || rest.startsWith(`${key}.`) || rest.startsWith(`${key}[`))
            .sort((a, b) => b.length - a.length)[0];
        if (name === undefined) break;
        steps.push({ field: name });
        node = node[name];
        rest = rest.slice(name.length).replace(/^\./, '');
    }
    return steps;
}

/** The least that has to go: a thing that is new goes whole, of one that was saved before only the field goes back. */
function placeOf(document: JobDocument, saved: JobDocument, field: string): Step[] {
    const steps = stepsOf(document, field);
    let [now, before]: [unknown, unknown] = [document, saved];
    for (const [i, step] of steps.entries()) {
        [now, before] = [child(now, step), child(before, step)];
        if (isNode(before)) continue;
        // Of a list that is new, only the one thing; of a part of the document that is new, only the one field.
        const inside = before === undefined && isNode(now) && (Array.isArray(now) || i === 0);
        return steps.slice(0, i + (inside ? 2 : 1));
    }
    return steps;
}

/** The document with what is at this place as it was saved, or without it where nothing was. */
export function takenBack(document: JobDocument, saved: JobDocument, place: Step[]): JobDocument {
    return put(document, saved, place) as JobDocument;
}

function put(node: unknown, saved: unknown, [step, ...rest]: Step[]): unknown {
    if (step === undefined) return saved;
    const [now, before] = [child(node, step), child(saved, step)];
    if (now === undefined || !isNode(node)) return node;
    const next = rest.length > 0 ? put(now, before, rest) : before;
    if (Array.isArray(node)) {
        return node.flatMap((thing) => (thing !== now ? [thing] : next === undefined ? [] : [next]));
    }
    const { field } = step as { field: string };
    const others: Record<string, unknown> = { ...node, [field]: next };
    if (next === undefined) delete others[field];
    return others;
}

/** All that can be saved of a document in which something was refused. */
export function withoutRefused(
    document: JobDocument,
    saved: JobDocument,
    faults: FieldFault[],
): { document: JobDocument; refused: Refused[] } {
    const refused = faults.map((fault) => ({ ...fault, place: placeOf(document, saved, fault.field) }));
    return {
        document: refused.reduce((left, { place }) => takenBack(left, saved, place), document),
        refused,
    };
}
