import type { PlanEdge, RoofSlice } from '../../contracts/roof';
import type { Frame } from '../../deck/useFrame';
import { LenText } from '../../tape/Len';
import { besideEdge } from './besideEdge';
import { middleOf } from './FaceLabel';

interface PickedLengthProps {
    edge: PlanEdge;
    faces: RoofSlice['faces'];
    view: Frame;
    width: number;
}

/** How long the picked edge is, beside it. */
export function PickedLength({ edge, faces, view, width }: PickedLengthProps) {
    const names = faces.map((face) => view.at(...middleOf(face.planOutline)));
    const [x, y] = besideEdge(view.at(...edge.plan[0]), view.at(...edge.plan[1]), names, width);
    return (
        <g pointerEvents="none">
            <rect x={x - 54} y={y - 15} width="108" height="30" rx="4" fill="var(--chalk)" />
            <text
                x={x}
                y={y + 6}
                textAnchor="middle"
                fontSize="18"
                fontWeight="680"
                style={{ fill: 'var(--chalkText)' }}
            >
                <LenText inches={edge.length} />
            </text>
        </g>
    );
}
