import { useContext, useEffect, useRef, useState, type ReactNode } from 'react';
import { useTranslation } from 'react-i18next';
import { DivisionContext, useJobTape } from './JobTape';
import { LenText, Len } from './Len';
import { useWidth } from './useWidth';

export interface TapeMark {
    at: number;
    /** chalk: snapped, cut or adopted; ink: everything else one reads off. */
    tone: 'chalk' | 'ink';
    label?: string;
    strong?: boolean;
}

interface TapeStripProps {
    title: string;
    hint?: ReactNode;
    from: number;
    to: number;
    marks: TapeMark[];
    /** Where the view starts when the tape is longer than the screen. */
    focus?: number;
    /** Distances are printed without their sign, as they are called out to either side. */
    unsigned?: boolean;
    inchesOnly?: boolean;
    /** Least room in px between two marks, so that their lengths can be read. */
    room?: number;
}

const HEIGHT = 74;
const BODY = 40;

/** A tape drawn to scale with the marks one reads aloud and snaps, all from one zero; and the same as a list. */
export function TapeStrip({
    title,
    hint,
    from,
    to,
    marks,
    focus,
    unsigned = false,
    inchesOnly = false,
    room = 62,
}: TapeStripProps) {
    const { t } = useTranslation();
    const [listed, setListed] = useState(false);
    const box = useRef<HTMLDivElement>(null);
    const wide = useWidth(box, 760, !listed);

    const sorted = [...marks].sort((a, b) => a.at - b.at);
    const gaps = sorted
        .slice(1)
        .map((mark, i) => mark.at - sorted[i].at)
        .filter((gap) => gap > 0.3);
    const least = gaps.length > 0 ? gaps.reduce((sum, gap) => Math.min(sum, gap), Infinity) : to - from;
    const usual = gaps.length > 0 ? [...gaps].sort((a, b) => a - b)[Math.floor(gaps.length / 2)] : least;
    const span = Math.max(to - from, 0.01);
    const scale = Math.max((wide - 24) / span, Math.min(room / usual, 90));
    const width = span * scale + 24;
    const x = (at: number) => 12 + (at - from) * scale;

    useEffect(() => {
        if (box.current && focus !== undefined) box.current.scrollLeft = x(focus) - box.current.clientWidth / 2;
        // Only when the tape itself changes, not while one scrolls.
        // eslint-disable-next-line react-hooks/exhaustive-deps
    }, [focus, from, to, marks.length]);

    return (
        <section className="tape" aria-label={title}>
            <div className="tape-head">
                <b>{title}</b>
                {hint && <span className="muted small">{hint}</span>}
                <button
                    type="button"
                    className="linkish small"
                    aria-pressed={listed}
                    onClick={() => setListed(!listed)}
                >
                    {listed ? t('tape.as-tape') : t('tape.as-list')}
                </button>
            </div>
            {listed ? (
                <div className="rowed" style={{ maxHeight: 86, overflowY: 'auto', gap: '2px 18px' }} role="list">
                    {sorted.map((mark, i) => (
                        <span key={i} role="listitem" className={mark.strong ? 'nowrap good' : 'nowrap'}>
                            {mark.label ? `${mark.label} ` : ''}
                            <Len inches={unsigned ? Math.abs(mark.at) : mark.at} inchesOnly={inchesOnly} />
                        </span>
                    ))}
                </div>
            ) : (
                <div className="tape-scroll" ref={box} tabIndex={0} role="group" aria-label={t('tape.scroll')}>
                    <svg width={width} height={HEIGHT} role="img" aria-label={title}>
                        <rect
                            x={4}
                            y={1}
                            width={width - 8}
                            height={BODY}
                            fill="var(--tape)"
                            stroke="var(--ink)"
                            strokeWidth="1.3"
                        />
                        <Ticks from={from} to={to} scale={scale} x={x} unsigned={unsigned} />
                        <Marks sorted={sorted} x={x} width={width} unsigned={unsigned} inchesOnly={inchesOnly} />
                    </svg>
                </div>
            )}
        </section>
    );
}

interface TicksProps {
    from: number;
    to: number;
    scale: number;
    x: (at: number) => number;
    unsigned: boolean;
}

function Ticks({ from, to, scale, x, unsigned }: TicksProps) {
    const isMetric = useContext(DivisionContext) === 'mm';
    if (isMetric) return <MetricTicks {...{ from, to, scale, x, unsigned }} />;
    const small = [1 / 16, 1 / 8, 1 / 4, 1 / 2, 1, 2, 6, 12].find((step) => step * scale >= 5) ?? 12;
    const numbered = [1, 2, 6, 12, 24, 60, 120].find((step) => step * scale >= 62) ?? 120;
    const ticks: ReactNode[] = [];
    for (let n = Math.ceil(from / small - 1e-9); n * small <= to + 1e-9; n += 1) {
        const at = n * small;
        const whole = Math.abs(at - Math.round(at)) < 1e-9;
        const half = Math.abs(at * 2 - Math.round(at * 2)) < 1e-9;
        const foot = whole && Math.round(at) % 12 === 0;
        ticks.push(
            <line
                key={n}
                x1={x(at)}
                x2={x(at)}
                y1={1}
                y2={1 + (foot ? 20 : whole ? 15 : half ? 10 : 6)}
                stroke="var(--ink)"
                strokeWidth={foot ? 1.4 : 0.9}
            />,
        );
        if (whole && Math.round(at) % numbered === 0 && x(to) - x(at) > 16) {
            const shown = unsigned ? Math.abs(Math.round(at)) : Math.round(at);
            ticks.push(
                <text key={`n${n}`} x={x(at) + 4} y={36} fontSize="13" className="muted">
                    {numbered % 12 === 0 ? `${shown / 12}′` : shown}
                </text>,
            );
        }
    }
    return <g aria-hidden="true">{ticks}</g>;
}

/** A millimetre tape: centimetres and decimetres stand out, numbers are millimetres. */
function MetricTicks({ from, to, scale, x, unsigned }: TicksProps) {
    const [first, last] = [from * 25.4, to * 25.4];
    const small = [1, 5, 10, 50, 100, 500].find((step) => (step * scale) / 25.4 >= 5) ?? 1000;
    const numbered = [10, 50, 100, 500, 1000, 5000].find((step) => (step * scale) / 25.4 >= 62) ?? 10000;
    const ticks: ReactNode[] = [];
    for (let n = Math.ceil(first / small - 1e-9); n * small <= last + 1e-9; n += 1) {
        const [mm, at] = [n * small, (n * small) / 25.4];
        const high = mm % 1000 === 0 ? 20 : mm % 100 === 0 ? 15 : mm % 10 === 0 ? 10 : 6;
        ticks.push(
            <line
                key={n}
                x1={x(at)}
                x2={x(at)}
                y1={1}
                y2={1 + high}
                stroke="var(--ink)"
                strokeWidth={mm % 100 === 0 ? 1.4 : 0.9}
            />,
        );
        if (mm % numbered === 0 && x(to) - x(at) > 30)
            ticks.push(
                <text key={`n${n}`} x={x(at) + 4} y={36} fontSize="13" className="muted">
                    {unsigned ? Math.abs(mm) : mm}
                </text>,
            );
    }
    return <g aria-hidden="true">{ticks}</g>;
}

type Anchor = 'middle' | 'start' | 'end';

/** Marks with their lengths below. A length moves to one side of its mark before it gives way to a weightier one. */
function Marks({
    sorted,
    x,
    width,
    unsigned,
    inchesOnly,
}: {
    sorted: TapeMark[];
    x: (at: number) => number;
    width: number;
    unsigned: boolean;
    inchesOnly: boolean;
}) {
    const print = useJobTape();
    const words = (mark: TapeMark) =>
        `${mark.label ? `${mark.label} ` : ''}${print(unsigned ? Math.abs(mark.at) : mark.at, 'nearest', inchesOnly)}`;
    const taken: [number, number][] = [];
    const anchors = new Map<TapeMark, Anchor>();
    for (const mark of [...sorted].sort((a, b) => Number(b.strong ?? false) - Number(a.strong ?? false))) {
        const wide = words(mark).length * 7.1 + 8;
        const crowd = (side: -1 | 1) =>
            sorted.some((other) => (other.at - mark.at) * side > 0 && Math.abs(x(other.at) - x(mark.at)) < wide * 0.8);
        const order: Anchor[] =
            crowd(-1) && !crowd(1)
                ? ['start', 'middle', 'end']
                : crowd(1) && !crowd(-1)
                  ? ['end', 'middle', 'start']
                  : ['middle', 'end', 'start'];
        for (const anchor of order) {
            const left = x(mark.at) - (anchor === 'middle' ? wide / 2 : anchor === 'end' ? wide : 0);
            if (left >= 0 && left + wide <= width && taken.every(([l, r]) => left + wide < l || left > r)) {
                taken.push([left, left + wide]);
                anchors.set(mark, anchor);
                break;
            }
        }
    }
    return (
        <g>
            {sorted.map((mark, i) => (
                <g key={i}>
                    <line
                        x1={x(mark.at)}
                        x2={x(mark.at)}
                        y1={1}
                        y2={BODY + 7}
                        stroke={mark.tone === 'chalk' ? 'var(--chalk)' : 'var(--ink)'}
                        strokeWidth={mark.strong ? 3.4 : 2}
                    />
                    {anchors.has(mark) && (
                        <text
                            x={x(mark.at)}
                            y={BODY + 24}
                            textAnchor={anchors.get(mark)}
                            fontSize="15"
                            fontWeight={mark.strong ? 720 : 600}
                            className={mark.tone === 'chalk' && mark.strong ? 'chalk' : ''}
                        >
                            {mark.label ? `${mark.label} ` : ''}
                            <LenText inches={unsigned ? Math.abs(mark.at) : mark.at} inchesOnly={inchesOnly} />
                        </text>
                    )}
                </g>
            ))}
        </g>
    );
}
