import type { JobDocument } from '../../contracts/job';
import type { Layout } from '../../contracts/layout';
import type { Block } from '../../contracts/roof';
import { freshId } from '../../job/edits';
import { blocksOf, checksOf, planesOf } from '../../job/roofEdits';

export function putBlock(document: JobDocument, block: Block): JobDocument {
    const blocks = blocksOf(document);
    const known = blocks.some((one) => one.id === block.id);
    return {
        ...document,
        roof: {
            ...document.roof,
            blocks: known ? blocks.map((one) => (one.id === block.id ? block : one)) : [...blocks, block],
        },
    };
}

export function editBlock(document: JobDocument, id: string, change: (block: Block) => Block): JobDocument {
    const block = blocksOf(document).find((block) => block.id === id);
    return block ? putBlock(document, change(block)) : document;
}

/** The block goes, and the layouts of its faces with it; readings taken on it stay until they are taken out. */
export function removeBlock(document: JobDocument, id: string): JobDocument {
    const layout: Record<string, Layout> = {};
    for (const [face, one] of Object.entries(document.layout ?? {})) if (!face.startsWith(`${id}.`)) layout[face] = one;
    return {
        ...document,
        roof: { ...document.roof, blocks: blocksOf(document).filter((block) => block.id !== id) },
        ...(document.layout ? { layout } : {}),
    };
}

export type Form = 'gable' | 'gable-across' | 'hip' | 'hip-one-end' | 'shed';

export const FORMS: Form[] = ['gable', 'gable-across', 'hip', 'hip-one-end', 'shed'];

/** The usual roof forms, by which sides slope; pitch and overhangs stay as they are. */
export function withForm(block: Block, form: Form): Block {
    const sloped = {
        gable: ['south', 'north'],
        'gable-across': ['east', 'west'],
        hip: ['south', 'east', 'north', 'west'],
        'hip-one-end': ['south', 'north', 'west'],
        shed: ['south'],
    }[form];
    const rise = Object.values(block.sides).find((side) => side.riseIn12 !== undefined)?.riseIn12 ?? 6;
    const side = (key: keyof Block['sides']): Block['sides']['south'] => {
        const overhang = block.sides[key].overhang ?? 0;
        return sloped.includes(key)
            ? { kind: 'sloped', riseIn12: block.sides[key].riseIn12 ?? rise, overhang }
            : { kind: 'gable', overhang };
    };
    return { ...block, sides: { south: side('south'), east: side('east'), north: side('north'), west: side('west') } };
}

/** One pitch for every sloped side, or one overhang for all sides. */
export function allRound(block: Block, part: { riseIn12?: number; overhang?: number }): Block {
    const side = (own: Block['sides']['south']) => ({
        ...own,
        ...(part.overhang === undefined ? {} : { overhang: part.overhang }),
        ...(part.riseIn12 === undefined || own.kind === 'gable' ? {} : { riseIn12: part.riseIn12 }),
    });
    return {
        ...block,
        sides: {
            south: side(block.sides.south),
            east: side(block.sides.east),
            north: side(block.sides.north),
            west: side(block.sides.west),
        },
    };
}

/** A block to begin with, east of what is there. */
export function newBlock(document: JobDocument, name: string, x: number, y: number): Block {
    const like = blocksOf(document).at(-1);
    const id = freshId(
        'B',
        blocksOf(document).map((block) => block.id),
    );
    const overhang = like?.sides.south.overhang ?? 12;
    return withForm(
        {
            id,
            name,
            x,
            y,
            length: 360,
            width: 240,
            eaveHeight: like?.eaveHeight ?? 96,
            source: 'drawing',
            sides: {
                south: { kind: 'sloped', riseIn12: like?.sides.south.riseIn12 ?? 6, overhang },
                east: { kind: 'gable', overhang },
                north: { kind: 'sloped', overhang },
                west: { kind: 'gable', overhang },
            },
        },
        'gable',
    );
}

/** A new block. Planes nobody has begun to measure give way to it. */
export function addBlock(document: JobDocument, block: Block): JobDocument {
    const begun = planesOf(document).filter(
        (plane) => (plane.readings ?? []).length > 0 || plane.outline !== undefined,
    );
    return putBlock({ ...document, roof: { ...document.roof, planes: begun } }, block);
}

export function removeCheck(document: JobDocument, id: string): JobDocument {
    return { ...document, roof: { ...document.roof, checks: checksOf(document).filter((one) => one.id !== id) } };
}

/** The planes that hang together with one by the edges they share, itself included. */
export function tiedTo(document: JobDocument, id: string): string[] {
    const planes = planesOf(document);
    const group = [id];
    for (let i = 0; i < group.length; i++)
        for (const plane of planes) {
            const ties = [plane.ridgeWith, ...(plane.ties ?? []).map((tie) => tie.plane)];
            const others = plane.id === group[i] ? ties : ties.includes(group[i]) ? [plane.id] : [];
            for (const other of others) if (other && !group.includes(other)) group.push(other);
        }
    return group;
}

/** Puts a plane with its west and south ends at a place in plan; what is tied to it comes along. */
export function placePlane(document: JobDocument, id: string, x: number, y: number): JobDocument {
    const group = tiedTo(document, id);
    return {
        ...document,
        roof: {
            ...document.roof,
            planes: planesOf(document).map((plane) => {
                if (!group.includes(plane.id)) return plane;
                const rest = { ...plane };
                delete rest.placed;
                return plane.id === id ? { ...rest, placed: { x, y } } : rest;
            }),
        },
    };
}
