import { useTranslation } from 'react-i18next';
import type { OpeningPiece } from '../../contracts/openings';
import { frame, pointsOf, useSize } from '../../deck/useFrame';
import { LenText } from '../../tape/Len';

/** A piece laid flat, colour up: what is cut, bent and notched told apart, its marks numbered. */
export function PieceFlat({ piece }: { piece: OpeningPiece }) {
    const { t } = useTranslation();
    const { box, size } = useSize();
    if (piece.flat.length === 0) return <p className="sheet">{t('openings.no-flat')}</p>;
    const to = frame(
        [
            [0, 0],
            [piece.length, 0],
            [piece.length, piece.width],
            [0, piece.width],
        ],
        size,
        { x: 56, top: 56, bottom: 64 },
    );
    const [x0, y0] = to.at(0, piece.width);
    const [x1, y1] = to.at(piece.length, 0);
    return (
        <div className="drawing" ref={box} style={{ flex: '1 1 340px', minHeight: 320 }}>
            <svg
                viewBox={`0 0 ${size[0]} ${size[1]}`}
                role="img"
                aria-label={t('openings.flat-drawing', { piece: piece.name })}
                data-flat={piece.key}
            >
                <rect
                    x={x0}
                    y={y0}
                    width={x1 - x0}
                    height={y1 - y0}
                    fill="none"
                    stroke="var(--muted)"
                    strokeDasharray="2 4"
                />
                <polygon
                    points={pointsOf(piece.flat, to)}
                    fill="var(--metal)"
                    stroke="var(--chalk)"
                    strokeWidth="2.4"
                />
                {piece.lines.map((one, i) => (
                    <polyline
                        key={i}
                        data-line={one.kind}
                        points={pointsOf(one.line, to)}
                        fill="none"
                        stroke={one.kind === 'bend' ? 'var(--ink)' : 'var(--chalk)'}
                        strokeWidth={one.kind === 'notch' ? 5 : one.kind === 'cut' ? 3 : 1.6}
                        strokeDasharray={one.kind === 'bend' ? '7 5' : undefined}
                    />
                ))}
                {piece.marks.map((mark) => {
                    const [x, y] = to.at(...mark.at);
                    return (
                        <g key={mark.number}>
                            <circle cx={x} cy={y} r="3.4" fill="var(--ink)" />
                            <text x={x + 7} y={y - 7} fontSize="14" fontWeight="650">
                                {mark.number}
                            </text>
                        </g>
                    );
                })}
                <text x={(x0 + x1) / 2} y={y1 + 26} textAnchor="middle" fontSize="16" fontWeight="650">
                    <LenText inches={piece.length} inchesOnly />
                </text>
                <g transform={`rotate(-90 ${x0 - 18} ${(y0 + y1) / 2})`}>
                    <text x={x0 - 18} y={(y0 + y1) / 2} textAnchor="middle" fontSize="16" fontWeight="650">
                        <LenText inches={piece.width} inchesOnly />
                    </text>
                </g>
                <text x={x0} y={y1 + 48} fontSize="14" className="muted">
                    {t('openings.colour-up')}
                </text>
            </svg>
        </div>
    );
}
