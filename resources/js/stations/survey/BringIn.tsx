import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { FromReport } from './FromReport';
import { FromDrawing } from './FromDrawing';
import { FromTable } from './FromTable';

type Way = 'drawing' | 'table' | 'report';
const WAYS: Way[] = ['report', 'drawing', 'table'];

/** Measures from elsewhere: a report, a drawing, a table. Shown first, taken over as one edit that can be undone. */
export default function BringIn({ onClose, drawing }: { onClose: () => void; drawing?: File }) {
    const { t } = useTranslation();
    const [way, setWay] = useState<Way>(drawing ? 'drawing' : 'report');
    return (
        <Dialog open onClose={onClose} fullWidth maxWidth="sm" aria-labelledby="bring-title">
            <DialogTitle id="bring-title">{t('bring.title')}</DialogTitle>
            <DialogContent>
                <div className="rowed" role="group" style={{ marginBottom: 14 }}>
                    {WAYS.map((one) => (
                        <button
                            key={one}
                            type="button"
                            className="chip"
                            aria-pressed={one === way}
                            onClick={() => setWay(one)}
                        >
                            {t(`bring.${one}`)}
                        </button>
                    ))}
                </div>
                {way === 'report' && <FromReport onDone={onClose} />}
                {way === 'drawing' && <FromDrawing onDone={onClose} start={drawing} />}
                {way === 'table' && <FromTable onDone={onClose} />}
            </DialogContent>
            <DialogActions>
                <Button onClick={onClose}>{t('close')}</Button>
            </DialogActions>
        </Dialog>
    );
}
