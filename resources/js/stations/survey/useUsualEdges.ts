import { useCatalogue } from '../../api/queries';
import type { Plane } from '../../contracts/survey';
import type { Shape } from './quantities';

type Edges = NonNullable<Plane['edges']>;

/** What the sides of a shape are first taken to be; null until the catalogue is here. */
export function useUsualEdges(): ((shape: Shape) => Edges) | null {
    const shapes = useCatalogue().data?.shapes;
    return shapes ? (shape) => (shapes.find(({ key }) => key === shape)?.edges ?? []) as Edges : null;
}
