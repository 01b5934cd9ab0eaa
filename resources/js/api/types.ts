/** What the server says besides documents and plans, which have their contracts. */
import type { JobDocument } from '../contracts/job';
import type { JobCard } from '../contracts/plan';

export type Role = 'owner' | 'estimator' | 'foreman' | 'installer';

export interface Member {
    id: number;
    name: string;
    email: string;
    role: Role;
    may: { change: boolean; release: boolean; keepCatalogue: boolean; invite: boolean; delete: boolean };
}

export interface DemoAccount {
    name: string;
    email: string;
    role: Role;
    password: string;
}

export interface SessionState {
    user: Member | null;
    demo: DemoAccount[];
    /** Whether mail reaches anybody. */
    mailed: boolean;
}

export interface JobSummary {
    id: string;
    name: string;
    revision: number;
    savedAt: string;
    /** Who saved it last. */
    author: string;
    archived: boolean;
    /** Until when a deleted one can be had back; null where it is not deleted. */
    deletedUntil: string | null;
    /** At a glance, as it was last worked: shown until it is worked again. */
    card: JobCard | null;
}

export interface KeptJob {
    id: string;
    revision: number;
    author: string;
    savedAt: string;
    document: JobDocument;
    archived: boolean;
    /** By role, and because it is not put away. */
    mayChange: boolean;
    /** What happened may be told by whoever stands on the roof, where the job is not put away. */
    mayTell: boolean;
    /** Number of the newest fact. */
    facts: number;
    /** Numbers of the revisions undo and redo lead to, the nearest last. */
    undo: number[];
    redo: number[];
}

export interface Change {
    code: string;
    parameters: Record<string, string | number>;
}

export interface Revision {
    number: number;
    author: string;
    change: Change[];
    savedAt: string;
    /** Kept, but not taken: somebody else's was. */
    aside: boolean;
    /** Number of the newest fact there is, where the newest revision was asked for. */
    facts?: number;
}

export interface StaleAnswer {
    theirs: { revision: number; author: string; savedAt: string; change: Change[]; document: JobDocument };
}

export interface CatalogueProfile {
    key: string;
    family: string;
    concealed: boolean;
    cover: number;
    height: number;
    leftMetal: number;
    rightMetal: number;
    coil: number;
    hand: string;
    mayTurn: boolean;
    leastPitch: number;
    /** The profile cut across: [u across, v up] from the left module line, inches, from left to right. */
    section: [number, number][];
}

export interface HouseRule {
    key: string;
    /** The stage that goes by it. */
    stage: string;
    unit: string;
    default: number | string;
    metric: number | string;
    least: number;
    most: number;
    choices: string[];
}

export interface CatalogueState {
    /** Keys of the stations that have a screen, in the order of work. */
    stations: string[];
    profiles: CatalogueProfile[];
    materials: { key: string; gauges: string[] }[];
    /** Families of profiles whose fasteners are covered; the others are screwed through. */
    concealed: string[];
    /** How panels of a family are held, which is what builds of edges are of. */
    fixings: Record<string, string>;
    colours: string[];
    /** What a plane's sides are first taken to be, by its shape. */
    shapes: { key: string; runsByCorner: boolean; edges: string[] }[];
    /** What panels may lie on, and whether that has a spacing. */
    decks: { key: string; spaced: boolean }[];
    rules: HouseRule[];
}
