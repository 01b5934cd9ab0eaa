import type { SVGProps } from 'react';
import type { PlanPoint } from '../contracts/plan';
import { EdgeLine, type EdgeKind } from './EdgeLine';
import type { Frame } from './useFrame';

interface PlanEdgeProps {
    edge: { id: string; kind: EdgeKind; plan: [PlanPoint, PlanPoint]; heights: [number, number] };
    view: Frame;
    name: string;
    picked: boolean;
    /** How near (px) a finger has to come. */
    reach: number;
    /** What is done with it: pressed, or dragged. */
    gestures: SVGProps<SVGLineElement>;
    transform?: string;
}

/** An edge of the roof from above, by its pattern; marked where it is picked. */
export function PlanEdge({ edge, view, name, picked, reach, gestures, transform }: PlanEdgeProps) {
    const [from, to] = [view.at(...edge.plan[0]), view.at(...edge.plan[1])];
    const ends = { x1: from[0], y1: from[1], x2: to[0], y2: to[1] };
    return (
        <g transform={transform}>
            {picked && <line {...ends} stroke="var(--chalk)" strokeWidth="9" strokeLinecap="round" opacity="0.65" />}
            <EdgeLine kind={edge.kind} from={from} to={to} low={edge.heights[0] <= edge.heights[1] ? 'from' : 'to'} />
            <line
                className="hit"
                {...ends}
                stroke="transparent"
                strokeWidth={reach}
                role="button"
                tabIndex={-1}
                aria-pressed={picked}
                aria-label={name}
                data-edge={edge.id}
                {...gestures}
            />
        </g>
    );
}
