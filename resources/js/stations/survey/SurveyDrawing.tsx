import { useTranslation } from 'react-i18next';
import type { Plane, SurveyPlane } from '../../contracts/survey';
import type { PlanPoint } from '../../contracts/plan';
import { EdgeLine, type EdgeKind } from '../../deck/EdgeLine';
import { Legend } from '../../deck/Legend';
import { frame, pointsOf, useSize } from '../../deck/useFrame';
import { blankOf, nameOf, runsByCorner, type Name } from './quantities';
import { useUsualEdges } from './useUsualEdges';
import { inwardOf, Corner, Dimension, Diagonal, UpTheSlope, PitchSign } from './measures';

interface SurveyDrawingProps {
    plane: Plane;
    survey: SurveyPlane | undefined;
    quantity: Name;
    onPick: (quantity: Name) => void;
}

/** The plane with its readings where they were taken; what is adopted stands out, what is missing asks. */
export function SurveyDrawing({ plane, survey, quantity, onPick }: SurveyDrawingProps) {
    const { t } = useTranslation();
    const { box, size } = useSize();
    const shape = plane.shape ?? 'rectangle';
    const usualEdges = useUsualEdges();
    const edges: EdgeKind[] = plane.edges ?? survey?.edges ?? usualEdges(shape);
    const outline = survey?.outline ?? blankOf(shape, edges.length);
    const known = survey?.outline !== null && survey !== undefined;
    const compact = size[0] < 520;
    const view = frame(outline, size, { x: compact ? 84 : 118, top: 74, bottom: 62 });
    const side = (i: number): [PlanPoint, PlanPoint] => [
        view.at(...outline[i]),
        view.at(...outline[(i + 1) % outline.length]),
    ];
    const byCorner = runsByCorner(shape) || plane.outline !== undefined;
    const fourSided = outline.length === 4 && !runsByCorner(shape);
    const dimensions: { quantity: Name; from: PlanPoint; to: PlanPoint; out: number; slant?: boolean }[] = fourSided
        ? [
              { quantity: 'eave', from: side(0)[0], to: side(0)[1], out: 34 },
              { quantity: 'rightRake', from: side(1)[0], to: side(1)[1], out: compact ? 42 : 50 },
              { quantity: 'ridge', from: side(2)[0], to: side(2)[1], out: 40 },
              { quantity: 'leftRake', from: side(3)[0], to: side(3)[1], out: compact ? 42 : 50 },
          ]
        : shape === 'triangle' && outline.length === 3
          ? [
                { quantity: 'eave', from: side(0)[0], to: side(0)[1], out: 34 },
                { quantity: 'rightRake', from: side(1)[0], to: side(1)[1], out: compact ? 42 : 50 },
                { quantity: 'leftRake', from: side(2)[0], to: side(2)[1], out: compact ? 42 : 50 },
            ]
          : runsByCorner(shape)
            ? [{ quantity: 'eave', from: side(0)[0], to: side(0)[1], out: 34 }]
            : [];
    const [low, right, high, left] = outline.map((corner) => view.at(...corner));
    return (
        <>
            <div className="drawing" ref={box}>
                <svg
                    viewBox={`0 0 ${size[0]} ${size[1]}`}
                    role="group"
                    aria-label={t('survey.drawing', { plane: plane.name })}
                >
                    <polygon className="metal" points={pointsOf(outline, view)} opacity={known ? 1 : 0.45} />
                    {fourSided && (
                        <line
                            x1={low[0]}
                            y1={low[1]}
                            x2={high[0]}
                            y2={high[1]}
                            stroke="var(--seam)"
                            strokeDasharray="2 6"
                        />
                    )}
                    {fourSided && (
                        <line
                            x1={right[0]}
                            y1={right[1]}
                            x2={left[0]}
                            y2={left[1]}
                            stroke="var(--seam)"
                            strokeDasharray="2 6"
                        />
                    )}
                    {!runsByCorner(shape) && (
                        <UpTheSlope
                            compact={compact}
                            survey={survey}
                            outline={outline}
                            view={view}
                            active={quantity === 'eaveToRidge'}
                            onPick={onPick}
                        />
                    )}
                    {outline.map((corner, i) => (
                        <EdgeLine
                            key={i}
                            kind={edges[i] ?? 'rake'}
                            from={view.at(...corner)}
                            to={view.at(...outline[(i + 1) % outline.length])}
                        />
                    ))}
                    {dimensions.map((dimension) => (
                        <Dimension
                            key={dimension.quantity}
                            {...dimension}
                            survey={survey}
                            active={dimension.quantity === quantity}
                            onPick={onPick}
                        />
                    ))}
                    {fourSided && !compact && (
                        <Diagonal
                            quantity="diagonalRight"
                            from={low}
                            to={high}
                            share={0.2}
                            survey={survey}
                            active={quantity === 'diagonalRight'}
                            onPick={onPick}
                        />
                    )}
                    {fourSided && !compact && (
                        <Diagonal
                            quantity="diagonalLeft"
                            from={left}
                            to={right}
                            share={0.8}
                            survey={survey}
                            active={quantity === 'diagonalLeft'}
                            onPick={onPick}
                        />
                    )}
                    {byCorner &&
                        outline.map((corner, i) => (
                            <Corner
                                key={i}
                                number={i}
                                at={view.at(...corner)}
                                inward={inwardOf(outline, i)}
                                measured={runsByCorner(shape) && i > 1}
                                survey={survey}
                                quantity={quantity}
                                onPick={onPick}
                            />
                        ))}
                    {(plane.readings ?? [])
                        .filter(
                            (reading) =>
                                reading.quantity === 'between' &&
                                (reading.to ?? 0) < outline.length &&
                                (reading.corner ?? 0) < outline.length,
                        )
                        .map((one) => {
                            const [from, to] = [view.at(...outline[one.corner ?? 0]), view.at(...outline[one.to ?? 0])];
                            return (
                                <g key={one.id}>
                                    <line
                                        x1={from[0]}
                                        y1={from[1]}
                                        x2={to[0]}
                                        y2={to[1]}
                                        stroke="var(--seam)"
                                        strokeDasharray="2 6"
                                    />
                                    <Diagonal
                                        quantity={nameOf(one)}
                                        from={from}
                                        to={to}
                                        share={0.5}
                                        survey={survey}
                                        active={quantity === nameOf(one)}
                                        onPick={onPick}
                                    />
                                </g>
                            );
                        })}
                    <PitchSign
                        survey={survey}
                        x={size[0] - ((survey?.riseIn12 ?? null) === null ? 138 : compact ? 96 : 118)}
                        active={quantity === 'pitch'}
                        onPick={onPick}
                    />
                </svg>
            </div>
            <Legend kinds={edges} />
        </>
    );
}
