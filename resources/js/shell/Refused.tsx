import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { useJob } from '../job/JobContext';

/** A change the server will not take: which field, what was understood, what would be accepted. */
export function Refused() {
    const { t } = useTranslation();
    const job = useJob();
    const [seen, setSeen] = useState<object | null>(null);
    const open = job.state === 'refused' && seen !== job.faults;
    return (
        <Dialog open={open} onClose={() => setSeen(job.faults)}>
            <DialogTitle>{t('save.refused.title')}</DialogTitle>
            <DialogContent>
                <p>{t('save.refused.text')}</p>
                <ul>
                    {job.faults.map((fault, i) => (
                        <li key={i}>{fault.message}</li>
                    ))}
                </ul>
            </DialogContent>
            <DialogActions>
                <Button onClick={() => setSeen(job.faults)}>{t('save.refused.mend')}</Button>
                {job.canUndo && (
                    <Button variant="contained" onClick={() => job.session.undo()}>
                        {t('save.refused.undo')}
                    </Button>
                )}
            </DialogActions>
        </Dialog>
    );
}
