import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useTranslation } from 'react-i18next';
import { useCatalogue } from '../api/queries';
import { NameField } from '../bench/NameField';
import { RuleTable } from '../bench/RuleTable';
import { useJob } from '../job/JobContext';
import { setRule } from '../job/edits';

/** Name, units, and the house rules of this one job. */
export default function JobSettings({ onClose }: { onClose: () => void }) {
    const { t } = useTranslation();
    const job = useJob();
    const catalogue = useCatalogue();
    const { document: doc, edit, mayChange } = job;
    return (
        <Dialog open onClose={onClose} fullWidth maxWidth="md" aria-labelledby="settings-title">
            <DialogTitle id="settings-title">{t('settings.title')}</DialogTitle>
            <DialogContent>
                <div className="stack" style={{ paddingTop: 8 }}>
                    <NameField
                        label={t('settings.name')}
                        value={doc.name}
                        disabled={!mayChange}
                        onChange={(name) => edit((d) => ({ ...d, name }))}
                    />
                    <TextField
                        label={t('settings.note')}
                        defaultValue={doc.note ?? ''}
                        disabled={!mayChange}
                        slotProps={{ htmlInput: { maxLength: 400 } }}
                        onBlur={(event) => {
                            const note = event.target.value;
                            if (note !== (doc.note ?? '')) edit((d) => ({ ...d, note }));
                        }}
                    />
                    <TextField
                        select
                        label={t('settings.units')}
                        value={job.units}
                        disabled={!mayChange}
                        onChange={(event) =>
                            edit((d) => ({ ...d, units: event.target.value as 'imperial' | 'metric' }))
                        }
                        helperText={t('settings.units-hint')}
                    >
                        <MenuItem value="imperial">{t('settings.imperial')}</MenuItem>
                        <MenuItem value="metric">{t('settings.metric')}</MenuItem>
                    </TextField>
                </div>
                <h2>{t('rules.title')}</h2>
                <p className="muted small">{t('rules.job-hint')}</p>
                {catalogue.data && (
                    <RuleTable
                        rules={catalogue.data.rules}
                        own={doc.rules ?? {}}
                        metric={job.units === 'metric'}
                        disabled={!mayChange}
                        onSet={(key, value) => edit((d) => setRule(d, key, value))}
                        onReset={(key) =>
                            edit((d) => {
                                const rules = { ...d.rules };
                                delete rules[key];
                                return { ...d, rules };
                            })
                        }
                    />
                )}
            </DialogContent>
            <DialogActions>
                <Button onClick={onClose}>{t('close')}</Button>
            </DialogActions>
        </Dialog>
    );
}
