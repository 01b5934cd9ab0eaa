import { listed } from '../../words/lists';
import { useTranslation } from 'react-i18next';
import type { EndsRun, TrimRun } from '../../contracts/edges';
import { useJobTape } from '../../tape/JobTape';
import { LenText, Said } from '../../tape/Len';

/** A trim cut across, as the brake bends it: legs, bends, hems; the colour side is up. */
export function TrimSketch({ run }: { run: TrimRun | EndsRun }) {
    const { t } = useTranslation();
    const print = useJobTape();
    const { sketch } = run;
    const points = (line: [number, number][]) => line.map(([x, y]) => `${x},${-y}`).join(' ');
    const all = [
        ...sketch.line,
        ...sketch.hems.flat(),
        ...sketch.legs.map((leg) => leg.at),
        ...sketch.bends.map((bend) => bend.at),
    ] as [number, number][];
    const xs = all.map(([x]) => x);
    const ys = all.map(([, y]) => -y);
    const [left, top] = [Math.min(...xs) - 0.6, Math.min(...ys) - 0.5];
    const [wide, high] = [Math.max(...xs) + 0.6 - left, Math.max(...ys) + 0.5 - top];
    // One size of letters whatever the trim's: the drawing is as wide as the bench.
    const letter = wide / 22;
    // What would lie on another is told below alone.
    const written: [number, number][] = [];
    const isFree = ([x, y]: readonly number[]) => {
        const free = written.every(([u, v]) => Math.abs(u - x) > 2.4 * letter || Math.abs(v - y) > 1.1 * letter);
        if (free) written.push([x, y]);
        return free;
    };
    const legs = sketch.legs.filter((leg) => isFree(leg.at));
    const bends = sketch.bends.filter((bend) => isFree(bend.at));
    return (
        <section aria-label={t('sticks.sketch', { name: run.name })} style={{ marginTop: 12 }}>
            <h2>{t('sticks.sketch', { name: run.name })}</h2>
            <svg
                viewBox={`${left} ${top} ${wide} ${high}`}
                style={{ width: '100%', maxHeight: 220, display: 'block' }}
                role="img"
                aria-label={t('sticks.sketch', { name: run.name })}
                data-sketch={run.layer}
            >
                {sketch.hems.map((hem, i) => (
                    <polyline
                        key={i}
                        points={points(hem as [number, number][])}
                        fill="none"
                        stroke="var(--ink)"
                        strokeWidth={wide / 200}
                    />
                ))}
                <polyline
                    points={points(sketch.line as [number, number][])}
                    fill="none"
                    stroke="var(--ink)"
                    strokeWidth={wide / 110}
                    strokeLinejoin="round"
                />
                {legs.map((leg, i) => (
                    <text
                        key={i}
                        x={leg.at[0]}
                        y={-leg.at[1] + letter / 3}
                        fontSize={letter}
                        fontWeight="600"
                        textAnchor="middle"
                    >
                        <LenText inches={leg.length} />
                    </text>
                ))}
                {bends.map((bend, i) => (
                    <text
                        key={i}
                        x={bend.at[0]}
                        y={-bend.at[1] + letter / 3}
                        fontSize={letter}
                        textAnchor="middle"
                        style={{ fill: 'var(--muted)' }}
                    >
                        {bend.degrees}°
                    </text>
                ))}
            </svg>
            <p className="muted small">
                <Said
                    text={t('sticks.sketch-how', {
                        girth: print(sketch.girth),
                        legs: listed(
                            t,
                            sketch.legs.map((leg) => print(leg.length)),
                        ),
                        bends:
                            listed(
                                t,
                                sketch.bends.map((bend) => `${bend.degrees}°`),
                            ) || '–',
                        lines: listed(
                            t,
                            sketch.lines.map((at) => print(at)),
                        ),
                    })}
                />
            </p>
        </section>
    );
}
