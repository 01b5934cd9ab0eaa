import { listed } from '../../words/lists';
import useMediaQuery from '@mui/material/useMediaQuery';
import { useTranslation } from 'react-i18next';
import type { EdgeSection, SectionLayer } from '../../contracts/edges';
import type { PlanPoint } from '../../contracts/plan';

interface SectionDrawingProps {
    section: EdgeSection;
    /** How many layers lie already. */
    on: number;
    picked: string | null;
    onPick: (layer: string) => void;
}

const SHEET: Record<string, number> = { membrane: 0.16, panel: 0.15 };

/** An edge cut square, its layers where they lie. The list of layers beside it says the same in words. */
export function SectionDrawing({ section, on, picked, onPick }: SectionDrawingProps) {
    const { t } = useTranslation();
    const { view } = section;
    // Where a phone has no room for names, numbers stand alone and larger; the list beneath says them.
    const narrow = useMediaQuery('(max-width: 600px)', { noSsr: true });
    const letter = view.letter * (narrow ? 1.28 : 1);
    const margin = narrow ? view.name - view.letter * 3 : 0;
    const at = ([x, y]: PlanPoint): PlanPoint => [x, -y];
    const points = (line: PlanPoint[]) =>
        line
            .map((point) =>
                at(point)
                    .map((value) => value.toFixed(3))
                    .join(','),
            )
            .join(' ');
    const lying = section.layers.slice(0, on);
    return (
        <div className="drawing">
            <svg
                viewBox={`${view.left + margin} ${-view.top} ${view.right - view.left - 2 * margin} ${view.top - view.bottom}`}
                role="img"
                aria-label={t('edges.section-of', {
                    name: section.name,
                    build: section.choices.find((one) => one.chosen)?.title ?? section.build,
                    layers: listed(
                        t,
                        lying.map((layer) => layer.name),
                    ),
                })}
                data-section={section.build}
            >
                {section.solids.map((solid, i) => (
                    <polygon
                        key={i}
                        points={points(solid)}
                        fill="var(--wood)"
                        stroke="var(--ink)"
                        strokeWidth={letter * 0.06}
                    />
                ))}
                {lying.map((layer) => (
                    <Layer key={layer.key} layer={layer} letter={letter} points={points} at={at} />
                ))}
                {lying.map((layer) => {
                    const [x, y] = at(layer.callout.at);
                    const [ax, ay] = at(layer.anchor);
                    const chosen = layer.key === picked;
                    const out = layer.callout.left ? -1 : 1;
                    return (
                        <g
                            key={layer.key}
                            data-layer={layer.key}
                            style={{ cursor: 'pointer' }}
                            onClick={() => onPick(layer.key)}
                        >
                            <line
                                x1={ax}
                                y1={ay}
                                x2={x}
                                y2={y}
                                stroke={chosen ? 'var(--chalk)' : 'var(--seam)'}
                                strokeWidth={letter * (chosen ? 0.12 : 0.06)}
                            />
                            <circle cx={ax} cy={ay} r={letter * 0.18} fill={chosen ? 'var(--chalk)' : 'var(--ink)'} />
                            <circle cx={x} cy={y} r={letter * 0.85} fill={chosen ? 'var(--chalk)' : 'var(--ink)'} />
                            <text
                                x={x}
                                y={y + letter * 0.36}
                                fontSize={letter}
                                fontWeight="700"
                                textAnchor="middle"
                                style={{ fill: chosen ? 'var(--chalkText)' : 'var(--card)' }}
                            >
                                {layer.number}
                            </text>
                            {!narrow && (
                                <text
                                    x={x + out * letter * 1.2}
                                    y={y + letter * 0.36}
                                    fontSize={letter}
                                    textAnchor={layer.callout.left ? 'end' : 'start'}
                                >
                                    {layer.name}
                                </text>
                            )}
                        </g>
                    );
                })}
            </svg>
        </div>
    );
}

interface LayerProps {
    layer: SectionLayer;
    letter: number;
    points: (line: PlanPoint[]) => string;
    at: (point: PlanPoint) => PlanPoint;
}

function Layer({ layer, letter, points, at }: LayerProps) {
    const filled = layer.body.length > 0;
    return (
        <g data-drawn={layer.key}>
            {filled ? (
                <polygon
                    points={points(layer.body)}
                    fill={layer.role === 'tape' || layer.role === 'sealant' ? 'var(--ink)' : 'var(--foam)'}
                    stroke="var(--ink)"
                    strokeWidth={letter * 0.05}
                />
            ) : (
                <polyline
                    points={points(layer.line)}
                    fill="none"
                    stroke={
                        layer.role === 'panel'
                            ? 'var(--chalk)'
                            : layer.role === 'membrane'
                              ? 'var(--muted)'
                              : layer.role === 'cleat' || layer.role === 'zee'
                                ? 'var(--action)'
                                : 'var(--ink)'
                    }
                    strokeWidth={SHEET[layer.role] ?? 0.11}
                    strokeDasharray={layer.role === 'membrane' ? '0.6 0.15' : undefined}
                    strokeLinejoin="round"
                />
            )}
            {layer.fasteners.map(([head, point], i) => {
                const [[hx, hy], [px, py]] = [at(head), at(point)];
                const long = Math.hypot(px - hx, py - hy) || 1;
                const [nx, ny] = [((py - hy) / long) * 0.22, (-(px - hx) / long) * 0.22];
                return (
                    <g key={i} stroke="var(--ink)" strokeWidth="0.08">
                        <line x1={hx} y1={hy} x2={px} y2={py} />
                        <line x1={hx - nx} y1={hy - ny} x2={hx + nx} y2={hy + ny} strokeWidth="0.14" />
                    </g>
                );
            })}
        </g>
    );
}
