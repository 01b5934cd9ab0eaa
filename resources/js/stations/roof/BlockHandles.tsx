import { useRef, useState, type KeyboardEvent, type PointerEvent, type SVGProps } from 'react';
import { useTranslation } from 'react-i18next';
import type { Block } from '../../contracts/roof';
import type { PlanPoint } from '../../contracts/plan';
import { pointsOf, type Frame } from '../../deck/useFrame';
import { useJob } from '../../job/JobContext';
import { LenText } from '../../tape/Len';
import { TapeEntry } from '../../tape/TapeEntry';
import {
    footprintOf,
    moved,
    SIDES,
    sizeAcross,
    SNAP_PX,
    snappedStretch,
    stretched,
    toPlan,
    turnedTo,
    type SideKey,
} from './blockGeometry';

interface BlockHandlesProps {
    /** As it is drawn, and as it is kept. */
    block: Block;
    kept: Block;
    others: Block[];
    view: Frame;
    mayChange: boolean;
    onHold: () => void;
    onDraft: (block: Block) => void;
    onPut: (block: Block) => void;
    onCancel: () => void;
    gestures: SVGProps<SVGPolygonElement>;
}

/** Degrees a turn by hand falls into, and the finer ones with Shift. */
const TURN_STEP = 15;
const FINE_TURN = 1;

/** The picked block: move it, take a side to stretch it, take the arc to turn it. Arrow keys do the same; a digit types the length. */
export function BlockHandles({
    block,
    kept,
    others,
    view,
    mayChange,
    onHold,
    onDraft,
    onPut,
    onCancel,
    gestures,
}: BlockHandlesProps) {
    const { t } = useTranslation();
    const [typing, setTyping] = useState<Typing | null>(null);
    const over = (side: SideKey) => block.sides[side].overhang ?? 0;

    const { pull, swing, shove } = useGrips({ block, kept, others, view, onHold, onDraft, onPut, onCancel }, setTyping);
    const [tx, ty] = view.at(
        ...toPlan(block, block.length + over('east') + 20 / view.scale, block.width + over('north') + 20 / view.scale),
    );

    return (
        <g>
            <polygon
                points={pointsOf(footprintOf(block), view)}
                fill="var(--chalk)"
                fillOpacity="0.08"
                stroke="var(--chalk)"
                strokeWidth="2"
                // Faces and edges under it stay to be picked; its faces drag it.
                pointerEvents="stroke"
                role="button"
                tabIndex={0}
                aria-label={t('roof.move-block', { block: block.name })}
                data-handle="move"
                style={{ cursor: mayChange ? 'move' : 'pointer' }}
                onKeyDown={mayChange ? shove : undefined}
                {...gestures}
            />
            {SIDES.map((side) => (
                <SideHandle key={side} side={side} block={block} view={view} grip={mayChange ? pull(side) : null} />
            ))}
            {mayChange && (
                <g>
                    <path
                        d={`M${tx - 9} ${ty + 5} a10 10 0 1 1 13 4 m-5 -1 l6 2 l2 -6`}
                        fill="none"
                        stroke="var(--chalk)"
                        strokeWidth="2.5"
                        pointerEvents="none"
                    />
                    <circle
                        cx={tx}
                        cy={ty}
                        r="20"
                        fill="transparent"
                        role="button"
                        tabIndex={0}
                        aria-label={t('roof.turn', { block: block.name })}
                        data-handle="turn"
                        style={{ cursor: 'grab' }}
                        {...swing}
                    />
                </g>
            )}
            {typing && (
                <TypedSize typing={typing} kept={kept} view={view} onPut={onPut} onDone={() => setTyping(null)} />
            )}
        </g>
    );
}

interface Typing {
    side: SideKey;
    start: string;
}

/** Which way each side looks before the block is turned. */
const OUTWARD: Record<SideKey, PlanPoint> = { south: [0, -1], east: [1, 0], north: [0, 1], west: [-1, 0] };

const middleOf = (block: Block, side: SideKey): PlanPoint =>
    ({
        south: [block.length / 2, 0],
        east: [block.length, block.width / 2],
        north: [block.length / 2, block.width],
        west: [0, block.width / 2],
    })[side] as PlanPoint;

type Gripped = Pick<
    BlockHandlesProps,
    'block' | 'kept' | 'others' | 'view' | 'onHold' | 'onDraft' | 'onPut' | 'onCancel'
>;

/** What a hand or a key does at each handle. */
function useGrips(
    { block, kept, others, view, onHold, onDraft, onPut, onCancel }: Gripped,
    onType: (typing: Typing) => void,
) {
    const begun = useRef<{ x: number; y: number } | null>(null);
    const turn = ((block.rotationDegrees ?? 0) * Math.PI) / 180;
    const take = (event: PointerEvent<SVGElement>) => {
        if (event.button !== 0) return;
        event.stopPropagation();
        begun.current = { x: event.clientX, y: event.clientY };
        event.currentTarget.setPointerCapture(event.pointerId);
        onHold();
    };
    const drop = () => {
        if (!begun.current) return;
        begun.current = null;
        onPut(block);
    };
    const pull = (side: SideKey) => ({
        'data-grip': '',
        onPointerDown: take,
        onPointerMove: (event: PointerEvent<SVGElement>) => {
            if (!begun.current) return;
            const [ox, oy] = OUTWARD[side];
            const [px, py] = [ox * Math.cos(turn) - oy * Math.sin(turn), ox * Math.sin(turn) + oy * Math.cos(turn)];
            const out = ((event.clientX - begun.current.x) * px - (event.clientY - begun.current.y) * py) / view.scale;
            onDraft(stretched(kept, side, snappedStretch(kept, side, out, others, SNAP_PX / view.scale, 1)));
        },
        onPointerUp: drop,
        onPointerCancel: () => {
            begun.current = null;
            onCancel();
        },
        onKeyDown: (event: KeyboardEvent<SVGElement>) => {
            const by = event.shiftKey ? 12 : 1;
            if (/^[\d.]$/.test(event.key)) {
                event.preventDefault();
                event.stopPropagation();
                onType({ side, start: event.key });
                return;
            }
            const out = { ArrowUp: 1, ArrowRight: 1, ArrowDown: -1, ArrowLeft: -1 }[event.key];
            if (out === undefined) return;
            event.preventDefault();
            const grows = side === 'south' || side === 'west' ? -out : out;
            onPut(stretched(kept, side, grows * by));
        },
    });
    const swing = {
        'data-grip': '',
        onPointerDown: take,
        onPointerMove: (event: PointerEvent<SVGElement>) => {
            const svg = event.currentTarget.ownerSVGElement;
            if (!begun.current || !svg) return;
            const rect = svg.getBoundingClientRect();
            const [cx, cy] = view.at(...toPlan(kept, kept.length / 2, kept.width / 2));
            const degrees =
                (Math.atan2(-(event.clientY - rect.top - cy), event.clientX - rect.left - cx) * 180) / Math.PI;
            const corner = (Math.atan2(kept.width / 2, kept.length / 2) * 180) / Math.PI;
            const step = event.shiftKey ? FINE_TURN : TURN_STEP;
            onDraft(turnedTo(kept, Math.round((degrees - corner) / step) * step));
        },
        onPointerUp: drop,
        onPointerCancel: () => {
            begun.current = null;
            onCancel();
        },
        onKeyDown: (event: KeyboardEvent<SVGElement>) => {
            const way = { ArrowUp: 1, ArrowLeft: 1, ArrowDown: -1, ArrowRight: -1 }[event.key];
            if (way === undefined) return;
            event.preventDefault();
            onPut(turnedTo(kept, (kept.rotationDegrees ?? 0) + way * (event.shiftKey ? TURN_STEP : FINE_TURN)));
        },
    };
    const shove = (event: KeyboardEvent<SVGElement>) => {
        const by = event.shiftKey ? 12 : 1;
        const way = (
            { ArrowUp: [0, by], ArrowDown: [0, -by], ArrowRight: [by, 0], ArrowLeft: [-by, 0] } as Record<
                string,
                PlanPoint
            >
        )[event.key];
        if (!way) return;
        event.preventDefault();
        onPut(moved(kept, ...way));
    };
    return { pull, swing, shove };
}

interface SideHandleProps {
    side: SideKey;
    block: Block;
    view: Frame;
    /** What can be done with it; null where it is only looked at. */
    grip: SVGProps<SVGCircleElement> | null;
}

/** The handle of one side, and how long it is. */
function SideHandle({ side, block, view, grip }: SideHandleProps) {
    const { t } = useTranslation();
    const [ox, oy] = OUTWARD[side];
    const middle = middleOf(block, side);
    const over = block.sides[side].overhang ?? 0;
    const [x, y] = view.at(...toPlan(block, middle[0] + ox * over, middle[1] + oy * over));
    // Off the middle, where a ridge or the handle would cross it.
    const [ix, iy] = view.at(
        ...toPlan(
            block,
            middle[0] * (ox === 0 ? 0.5 : 1) - (ox * 30) / view.scale,
            middle[1] * (oy === 0 ? 0.5 : 1) - (oy * 18) / view.scale,
        ),
    );
    return (
        <g>
            <text
                x={ix}
                y={iy + 5}
                textAnchor="middle"
                fontSize="15"
                fontWeight="680"
                pointerEvents="none"
                style={{ paintOrder: 'stroke', stroke: 'var(--metal)', strokeWidth: 4 }}
            >
                {(side === 'south' || side === 'west') && (
                    <LenText inches={sizeAcross(block, side === 'south' ? 'east' : 'north')} />
                )}
            </text>
            {grip && (
                <circle
                    cx={x}
                    cy={y}
                    r="8"
                    fill="var(--card)"
                    stroke="var(--chalk)"
                    strokeWidth="2.5"
                    pointerEvents="none"
                />
            )}
            {grip && (
                <circle
                    cx={x}
                    cy={y}
                    r="20"
                    fill="transparent"
                    role="button"
                    tabIndex={0}
                    aria-label={t('roof.stretch', { side, block: block.name })}
                    data-handle={side}
                    style={{ cursor: side === 'east' || side === 'west' ? 'ew-resize' : 'ns-resize' }}
                    {...grip}
                />
            )}
        </g>
    );
}

interface TypedSizeProps {
    typing: Typing;
    kept: Block;
    view: Frame;
    onPut: (block: Block) => void;
    onDone: () => void;
}

/** A size that is typed while a handle has the word. */
function TypedSize({ typing, kept, view, onPut, onDone }: TypedSizeProps) {
    const { t } = useTranslation();
    const { units } = useJob();
    return (
        <foreignObject
            x={Math.max(8, view.width / 2 - 190)}
            y="8"
            width="380"
            height="150"
            onPointerDown={(event) => event.stopPropagation()}
        >
            <div
                className="sheet"
                style={{ padding: 12 }}
                onKeyDown={(event) => {
                    if (event.key === 'Escape') onDone();
                }}
            >
                <TapeEntry
                    autoFocus
                    start={typing.start}
                    label={t('roof.size-typed', { side: typing.side })}
                    units={units}
                    action={t('roof.set')}
                    onEnter={(inches) => {
                        onPut(stretched(kept, typing.side, inches - sizeAcross(kept, typing.side)));
                        onDone();
                    }}
                />
            </div>
        </foreignObject>
    );
}
