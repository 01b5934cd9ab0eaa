import { useMemo, useState, type PointerEvent } from 'react';
import { useTranslation } from 'react-i18next';
import type { Block, RoofSlice } from '../../contracts/roof';
import type { PlanOutline, PlanPoint } from '../../contracts/plan';
import { PlanEdge } from '../../deck/PlanEdge';
import { Legend } from '../../deck/Legend';
import { frame, pointsOf, useSize, type Frame } from '../../deck/useFrame';
import type { Pick } from '../../job/PickContext';
import { useJobTape } from '../../tape/JobTape';
import { BlockHandles } from './BlockHandles';
import { FaceLabel, middleOf, widthAt } from './FaceLabel';
import { PickedLength } from './PickedLength';
import { footprintOf, moved, SNAP_PX, snappedMove, wallsOf } from './blockGeometry';
import { North } from './North';
import { roomAtLeft, RunningDimensions } from './RunningDimensions';

interface PlanDrawingProps {
    slice: RoofSlice;
    blocks: Block[];
    pick: Pick | null;
    onPick: (pick: Pick | null) => void;
    mayChange: boolean;
    /** The block as it is being dragged, turned or stretched; drawn ahead of the plan. */
    draft: Block | null;
    onDraft: (block: Block | null) => void;
    onPut: (block: Block) => void;
    /** Faces that move together with a measured one. */
    tied: (face: string) => string[];
    onPlace: (face: string, x: number, y: number) => void;
}

/** A press that moves less is a pick, not a drag. */
const DRAG_PX = 4;

/** The roof from above. Pick a face or an edge; drag a block, or take it by its handles. */
export function PlanDrawing({
    slice,
    blocks,
    pick,
    onPick,
    mayChange,
    draft,
    onDraft,
    onPut,
    tied,
    onPlace,
}: PlanDrawingProps) {
    const { t } = useTranslation();
    const print = useJobTape();
    const { box, size } = useSize();
    const [held, setHeld] = useState<PlanOutline | null>(null);
    const all = useMemo<PlanOutline>(() => {
        const outline = [...slice.faces.flatMap((face) => face.planOutline), ...blocks.flatMap(footprintOf)];
        return (
            outline.length > 2
                ? outline
                : [
                      [0, 0],
                      [480, 0],
                      [480, 360],
                  ]
        ) as PlanOutline;
    }, [slice.faces, blocks]);
    const view = frame(held ?? all, size, { x: roomAtLeft(blocks, print) + 6, top: 26, bottom: 58 });
    const edge = slice.edges.find((one) => pick?.kind === 'edge' && one.id === pick.id);
    const picked = blocks.find((block) => pick?.kind === 'block' && block.id === pick.id);
    const shown = picked && draft?.id === picked.id ? draft : picked;

    const drag = usePlanDrag(
        { slice, blocks, onPick, mayChange, draft, onDraft, onPut, tied, onPlace },
        view,
        picked,
        (on) => setHeld(on ? all : null),
    );
    const { shift, gestures, hold, letGo } = drag;
    // A ridge through the middle of a block drags the block, as its faces do.
    const shifted = (faces: string[]) =>
        shift && faces.every((face) => shift.faces.includes(face))
            ? `translate(${(shift.by[0] * view.scale).toFixed(1)} ${(-shift.by[1] * view.scale).toFixed(1)})`
            : undefined;
    const within = (faces: string[]) => {
        const owners = new Set(slice.faces.filter((face) => faces.includes(face.id)).map((face) => face.block));
        const [owner] = owners;
        return owners.size === 1 ? blocks.find((block) => block.id === owner) : undefined;
    };
    const shared = { slice, pick, view, shifted, gestures };

    return (
        <>
            <div className="drawing" ref={box}>
                <svg
                    viewBox={`0 0 ${size[0]} ${size[1]}`}
                    role="group"
                    aria-label={t('roof.drawing', { faces: slice.faces.length, edges: slice.edges.length })}
                    onPointerDown={() => onPick(null)}
                >
                    <g opacity={draft ? 0.45 : 1}>
                        <Faces {...shared} blocks={blocks} mayChange={mayChange} />
                        {blocks.map((block) => (
                            <polygon
                                key={block.id}
                                points={pointsOf(wallsOf(block), view)}
                                fill="none"
                                stroke="var(--seam)"
                                strokeWidth="1.2"
                                strokeDasharray="3 4"
                                pointerEvents="none"
                            />
                        ))}
                        <Edges {...shared} within={within} />
                        {slice.faces.map((face) => (
                            <FaceLabel
                                key={face.id}
                                name={face.name}
                                rise={face.riseIn12}
                                at={view.at(...middleOf(face.planOutline))}
                                room={widthAt(face.planOutline, middleOf(face.planOutline)[1]) * view.scale}
                            />
                        ))}
                    </g>
                    {edge && <PickedLength edge={edge} faces={slice.faces} view={view} width={size[0]} />}
                    <North x={size[0] - 24} />
                    <RunningDimensions
                        blocks={draft ? blocks.map((block) => (block.id === draft.id ? draft : block)) : blocks}
                        view={view}
                    />
                    {shown && (
                        <BlockHandles
                            block={shown}
                            kept={picked ?? shown}
                            others={blocks}
                            view={view}
                            mayChange={mayChange}
                            onHold={hold}
                            onDraft={onDraft}
                            onPut={(block) => {
                                onPut(block);
                                onDraft(null);
                                letGo();
                            }}
                            onCancel={() => {
                                onDraft(null);
                                letGo();
                            }}
                            gestures={gestures({ kind: 'block', id: shown.id }, picked)}
                        />
                    )}
                </svg>
            </div>
            <Legend kinds={slice.edges.map((edge) => edge.kind)} />
        </>
    );
}

type Dragging = Omit<PlanDrawingProps, 'pick'>;

/** Picks, drags of a block, and drags of a measured face with all that is tied to it. */
function usePlanDrag(
    { slice, blocks, onPick, mayChange, draft, onDraft, onPut, tied, onPlace }: Dragging,
    view: Frame,
    picked: Block | undefined,
    onHold: (on: boolean) => void,
) {
    const [press, setPress] = useState<{
        x: number;
        y: number;
        block: Block | undefined;
        /** A measured face, which is dragged with all that is tied to it. */
        face: string | undefined;
        pick: Pick;
        dragging: boolean;
    } | null>(null);
    const [shift, setShift] = useState<{ faces: string[]; by: PlanPoint } | null>(null);
    const hold = () => onHold(true);
    const letGo = () => onHold(false);
    const down = (event: PointerEvent<SVGElement>, what: Pick, block?: Block, face?: string) => {
        if (event.button !== 0) return;
        event.stopPropagation();
        setPress({
            x: event.clientX,
            y: event.clientY,
            block: mayChange ? block : undefined,
            face: mayChange ? face : undefined,
            pick: what,
            dragging: false,
        });
        event.currentTarget.setPointerCapture(event.pointerId);
    };
    const move = (event: PointerEvent<SVGElement>) => {
        const at = press;
        if (!at?.block && !at?.face) return;
        const [dx, dy] = [event.clientX - at.x, event.clientY - at.y];
        if (!at.dragging && Math.hypot(dx, dy) < DRAG_PX) return;
        if (!at.dragging) {
            setPress({ ...at, dragging: true });
            hold();
            onPick(at.block ? { kind: 'block', id: at.block.id } : at.pick);
        }
        if (!at.block) {
            const whole = (px: number) => Math.round(px / view.scale);
            setShift({ faces: tied(at.face as string), by: [whole(dx), -whole(dy)] });
            return;
        }
        const by = snappedMove(at.block, [dx / view.scale, -dy / view.scale], blocks, SNAP_PX / view.scale, 1);
        onDraft(moved(at.block, by[0], by[1]));
    };
    const up = () => {
        const at = press;
        setPress(null);
        if (at?.dragging && shift && at.face) {
            const own = slice.faces.find((face) => face.id === at.face)?.planOutline ?? [];
            const [x, y] = [0, 1].map((axis) => Math.min(...own.map((corner) => corner[axis])) + shift.by[axis]);
            onPlace(at.face, x, y);
            setShift(null);
            letGo();
        } else if (at?.dragging && draft) {
            onPut(draft);
            onDraft(null);
            letGo();
        } else if (at) onPick(at.pick);
    };
    const cancel = () => {
        setPress(null);
        setShift(null);
        onDraft(null);
        letGo();
    };
    const gestures = (what: Pick, block?: Block, face?: string) => ({
        // What is picked is dragged by a finger; everything else lets it sweep past.
        'data-grip': picked !== undefined && block?.id === picked.id ? '' : undefined,
        onPointerDown: (event: PointerEvent<SVGElement>) => down(event, what, block, face),
        onPointerMove: move,
        onPointerUp: up,
        onPointerCancel: cancel,
    });
    return { shift, gestures, hold, letGo };
}

type Gestures = ReturnType<typeof usePlanDrag>['gestures'];

interface DrawnProps {
    slice: RoofSlice;
    pick: Pick | null;
    view: Frame;
    /** How far what is dragged has come. */
    shifted: (faces: string[]) => string | undefined;
    gestures: Gestures;
}

/** The faces, each to be picked and dragged. */
function Faces({
    slice,
    pick,
    view,
    shifted,
    gestures,
    blocks,
    mayChange,
}: DrawnProps & { blocks: Block[]; mayChange: boolean }) {
    const { t } = useTranslation();
    return (
        <>
            {slice.faces.map((face) => {
                const block = blocks.find((block) => block.id === face.block);
                const path = [face.planOutline, ...face.planHoles]
                    .map((loop) => `M${pointsOf(loop, view).replaceAll(' ', ' L')} Z`)
                    .join(' ');
                const chosen =
                    (pick?.kind === 'face' && pick.id === face.id) ||
                    (pick?.kind === 'block' && pick.id === face.block);
                return (
                    <path
                        key={face.id}
                        d={path}
                        className="hit"
                        fill={pick?.kind === 'face' && chosen ? 'var(--actionTint)' : 'var(--metal)'}
                        fillRule="evenodd"
                        role="button"
                        tabIndex={-1}
                        aria-pressed={chosen}
                        aria-label={t('roof.pick-face', { face: face.name })}
                        data-face={face.id}
                        style={{ cursor: mayChange ? 'move' : 'pointer' }}
                        transform={shifted([face.id])}
                        {...gestures({ kind: 'face', id: face.id }, block, face.block ? undefined : face.id)}
                    />
                );
            })}
        </>
    );
}

/** The edges, each drawn as what it is and to be picked. */
function Edges({
    slice,
    pick,
    view,
    shifted,
    gestures,
    within,
}: DrawnProps & { within: (faces: string[]) => Block | undefined }) {
    const { t } = useTranslation();
    const print = useJobTape();
    return (
        <>
            {slice.edges.map((edge) => (
                <PlanEdge
                    key={edge.id}
                    edge={edge}
                    view={view}
                    name={t('roof.pick-edge', { kind: edge.kind, length: print(edge.length) })}
                    picked={pick?.kind === 'edge' && pick.id === edge.id}
                    reach={18}
                    gestures={gestures({ kind: 'edge', id: edge.id }, within(edge.faces))}
                    transform={shifted(edge.faces)}
                />
            ))}
        </>
    );
}
