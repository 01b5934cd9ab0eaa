import { useTranslation } from 'react-i18next';
import type { Plane, SurveyPlane } from '../../contracts/survey';
import type { PlanOutline, PlanPoint } from '../../contracts/plan';
import { EdgeLine, type EdgeKind } from '../../deck/EdgeLine';
import { Legend } from '../../deck/Legend';
import { frame, pointsOf, useSize, type Frame } from '../../deck/useFrame';
import { blankOf, nameOf, runsByCorner, type Name, type Shape } from './quantities';
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
    const { shape, edges, outline, known } = useDrawnShape(plane, survey);
    const compact = size[0] < 520;
    const view = frame(outline, size, { x: compact ? 84 : 118, top: 74, bottom: 62 });
    const side = (i: number): [PlanPoint, PlanPoint] => [
        view.at(...outline[i]),
        view.at(...outline[(i + 1) % outline.length]),
    ];
    const byCorner = runsByCorner(shape) || plane.outline !== undefined;
    const fourSided = outline.length === 4 && !runsByCorner(shape);
    const dimensions = dimensionsOf(shape, outline.length, side, compact ? 42 : 50);
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
                    {fourSided && <Thread from={low} to={high} />}
                    {fourSided && <Thread from={right} to={left} />}
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
                        <Diagonals
                            corners={[low, high, left, right]}
                            survey={survey}
                            quantity={quantity}
                            onPick={onPick}
                        />
                    )}
                    {byCorner && (
                        <Corners
                            shape={shape}
                            outline={outline}
                            view={view}
                            survey={survey}
                            quantity={quantity}
                            onPick={onPick}
                        />
                    )}
                    <BetweenCorners
                        plane={plane}
                        outline={outline}
                        view={view}
                        survey={survey}
                        quantity={quantity}
                        onPick={onPick}
                    />
                    <PitchSign
                        survey={survey}
                        x={size[0] - roomForPitch(survey, compact)}
                        active={quantity === 'pitch'}
                        onPick={onPick}
                    />
                </svg>
            </div>
            <Legend kinds={edges} />
        </>
    );
}

/** What is drawn of a plane: as it was measured, or as far as its shape is known. */
function useDrawnShape(plane: Plane, survey: SurveyPlane | undefined) {
    const shape = plane.shape ?? 'rectangle';
    const usualEdges = useUsualEdges();
    const edges: EdgeKind[] = plane.edges ?? survey?.edges ?? usualEdges(shape);
    const outline = survey?.outline ?? blankOf(shape, edges.length);
    const known = survey?.outline !== null && survey !== undefined;
    return { shape, edges, outline, known };
}

type Measured = Pick<SurveyDrawingProps, 'survey' | 'quantity' | 'onPick'>;

/** Both diagonals of a plane of four sides. */
function Diagonals({ corners, survey, quantity, onPick }: Measured & { corners: PlanPoint[] }) {
    const [low, high, left, right] = corners;
    return DIAGONALS.map(({ name, share }, i) => (
        <Diagonal
            key={name}
            quantity={name}
            from={i === 0 ? low : left}
            to={i === 0 ? high : right}
            share={share}
            survey={survey}
            active={quantity === name}
            onPick={onPick}
        />
    ));
}

type CornersProps = Measured & { shape: Shape; outline: PlanOutline; view: Frame };

/** The corners lengths are taped between. */
function Corners({ shape, outline, view, survey, quantity, onPick }: CornersProps) {
    return outline.map((corner, i) => (
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
    ));
}

type BetweenProps = Measured & Pick<SurveyDrawingProps, 'plane'> & { outline: PlanOutline; view: Frame };

/** Lengths somebody taped between two corners. */
function BetweenCorners({ plane, outline, view, survey, quantity, onPick }: BetweenProps) {
    const between = (plane.readings ?? []).filter(
        (one) => one.quantity === 'between' && Math.max(one.to ?? 0, one.corner ?? 0) < outline.length,
    );
    return (
        <>
            {between.map((one) => {
                const [from, to] = [view.at(...outline[one.corner ?? 0]), view.at(...outline[one.to ?? 0])];
                return (
                    <g key={one.id}>
                        <Thread from={from} to={to} />
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
        </>
    );
}

/** How far from the right its pitch is written, or asked for. */
function roomForPitch(survey: SurveyPlane | undefined, compact: boolean): number {
    if ((survey?.riseIn12 ?? null) === null) return 138;
    return compact ? 96 : 118;
}

const DIAGONALS = [
    { name: 'diagonalRight', share: 0.2 },
    { name: 'diagonalLeft', share: 0.8 },
] as const;

/** Where a tape lies across the plane. */
function Thread({ from, to }: { from: PlanPoint; to: PlanPoint }) {
    return <line x1={from[0]} y1={from[1]} x2={to[0]} y2={to[1]} stroke="var(--seam)" strokeDasharray="2 6" />;
}

/** What is dimensioned along the sides of a plane of this shape, and how far out. */
function dimensionsOf(
    shape: Shape,
    corners: number,
    side: (i: number) => [PlanPoint, PlanPoint],
    beside: number,
): { quantity: Name; from: PlanPoint; to: PlanPoint; out: number }[] {
    const along = (quantity: Name, i: number, out: number) => {
        const [from, to] = side(i);
        return { quantity, from, to, out };
    };
    const eave = along('eave', 0, 34);
    if (runsByCorner(shape)) return [eave];
    if (corners === 4)
        return [eave, along('rightRake', 1, beside), along('ridge', 2, 40), along('leftRake', 3, beside)];
    return shape === 'triangle' && corners === 3
        ? [eave, along('rightRake', 1, beside), along('leftRake', 2, beside)]
        : [];
}
