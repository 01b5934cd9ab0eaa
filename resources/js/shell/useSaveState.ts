import { useFacts } from '../job/FactContext';
import { useJob } from '../job/JobContext';

/** How all that was entered is kept: what the job says, and what happened. */
export function useSaveState(): string {
    const { state } = useJob();
    const facts = useFacts();
    if (facts.waiting === 0 || (state !== 'saved' && state !== 'read-only')) return state;
    return facts.state === 'telling' || facts.state === 'told' ? 'telling' : facts.state;
}
