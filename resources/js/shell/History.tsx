import { dayAndHour } from '../words/figures';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import { useTranslation } from 'react-i18next';
import { useRevisions } from '../api/queries';
import { useJob } from '../job/JobContext';
import { ChangeLine } from './ChangeLine';

/** Every saved state, newest first; any of them can be returned to. */
export default function History({ onClose }: { onClose: () => void }) {
    const { t } = useTranslation();
    const job = useJob();
    const revisions = useRevisions(job.id, job.revision, true);
    return (
        <Dialog open onClose={onClose} fullWidth maxWidth="md" aria-labelledby="history-title">
            <DialogTitle id="history-title">{t('history.title')}</DialogTitle>
            <DialogContent>
                <table className="plain">
                    <thead>
                        <tr>
                            <th className="n">{t('history.number')}</th>
                            <th>{t('history.change')}</th>
                            <th>{t('history.author')}</th>
                            <th>{t('history.time')}</th>
                            <th>
                                <span className="visually-hidden">{t('history.restore')}</span>
                            </th>
                        </tr>
                    </thead>
                    <tbody>
                        {revisions.data?.map((revision) => (
                            <tr key={revision.number}>
                                <th scope="row" className="n">
                                    {revision.number}
                                </th>
                                <td>
                                    <ChangeLine change={revision.change} />
                                </td>
                                <td className="nowrap">{revision.author}</td>
                                <td className="nowrap muted">{dayAndHour(revision.savedAt)}</td>
                                <td className="n">
                                    {revision.number !== job.revision && job.mayChange && (
                                        <Button
                                            size="small"
                                            onClick={() => void job.session.restore(revision.number)}
                                            aria-label={t('history.restore-number', { number: revision.number })}
                                        >
                                            {t('history.restore')}
                                        </Button>
                                    )}
                                </td>
                            </tr>
                        ))}
                    </tbody>
                </table>
            </DialogContent>
            <DialogActions>
                <Button onClick={onClose}>{t('close')}</Button>
            </DialogActions>
        </Dialog>
    );
}
