import Checkbox from '@mui/material/Checkbox';
import { useTranslation } from 'react-i18next';
import { useFacts } from '../../job/FactContext';
import { standing } from '../../job/facts';
import { pieceCut } from './trimEdits';

interface CutTickProps {
    piece: { id: string; length: number; as: string; told: string[] };
    /** What it is called beside its tick. */
    name: string | number;
}

/** Whether a piece of trim is cut, and the way to say so. */
export function CutTick({ piece, name }: CutTickProps) {
    const { t } = useTranslation();
    const { told, tell, takeBack, mayTell } = useFacts();
    const facts = standing(told, 'cut', piece.id, piece.told);
    return (
        <Checkbox
            checked={facts.length > 0}
            disabled={!mayTell}
            onChange={(_, isCut) => (isCut ? tell(pieceCut(piece)) : takeBack(...facts))}
            slotProps={{ input: { 'aria-label': t('sticks.cut-piece', { number: name }) } }}
        />
    );
}
