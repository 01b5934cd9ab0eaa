import { usePick } from '../job/PickContext';
import { useSearchParams } from '../parts/router';

/** The face that is worked on, by the address or by what was picked last; null where none was. */
export function usePickedFace(): string | null {
    const [params] = useSearchParams();
    const { pick } = usePick();
    return params.get('face') ?? (pick?.kind === 'face' ? pick.id : null);
}
