import { useCatalogue } from '../../api/queries';
import type { Plane } from '../../contracts/survey';
import type { Shape } from './quantities';

type Edges = NonNullable<Plane['edges']>;

/** What the sides of a shape are first taken to be. The catalogue is here before a job opens. */
export function useUsualEdges(): (shape: Shape) => Edges {
    const shapes = useCatalogue().data?.shapes ?? [];
    return (shape) => (shapes.find(({ key }) => key === shape)?.edges ?? []) as Edges;
}
