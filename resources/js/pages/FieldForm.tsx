import Button from '@mui/material/Button';
import { useState, type ReactNode } from 'react';
import { useTranslation } from 'react-i18next';
import { ApiError, type FieldFault } from '../api/client';
import { TextInput } from '../parts/TextInput';

export interface Field {
    name: string;
    label: string;
    type?: 'text' | 'email' | 'password';
    autoComplete?: string;
    start?: string;
}

interface FieldFormProps {
    fields: Field[];
    action: string;
    onSend: (values: Record<string, string>) => Promise<void>;
    children?: ReactNode;
}

/** A short form: sends its values, and shows beside each field what the server would accept there. */
export function FieldForm({ fields, action, onSend, children }: FieldFormProps) {
    const { t } = useTranslation();
    const [values, setValues] = useState<Record<string, string>>(
        Object.fromEntries(fields.map((field) => [field.name, field.start ?? ''])),
    );
    const [faults, setFaults] = useState<FieldFault[]>([]);
    const [busy, setBusy] = useState(false);
    const send = async () => {
        setBusy(true);
        setFaults([]);
        try {
            await onSend(values);
        } catch (error) {
            if (!(error instanceof ApiError)) setFaults([{ field: '', message: t('job.not-reached') }]);
            else if (error.status === 429) setFaults([{ field: '', message: t('form.throttled') }]);
            else if (error.status === 419) setFaults([{ field: '', message: t('form.expired') }]);
            else setFaults(error.faults.length > 0 ? error.faults : [{ field: '', message: t('form.failed') }]);
        } finally {
            setBusy(false);
        }
    };
    const loose = faults.filter((fault) => !fields.some((field) => field.name === fault.field));
    return (
        <form
            className="stack"
            noValidate
            onSubmit={(event) => {
                event.preventDefault();
                void send();
            }}
        >
            {fields.map((field) => {
                const fault = faults.find((fault) => fault.field === field.name);
                return (
                    <TextInput
                        key={field.name}
                        name={field.name}
                        label={field.label}
                        type={field.type ?? 'text'}
                        autoComplete={field.autoComplete ?? 'off'}
                        value={values[field.name] ?? field.start ?? ''}
                        error={fault !== undefined}
                        helperText={fault?.message}
                        onChange={(event) => setValues({ ...values, [field.name]: event.target.value })}
                    />
                );
            })}
            {children}
            {loose.map((fault, i) => (
                <div key={i} className="finding" data-severity="block" role="alert">
                    {fault.message}
                </div>
            ))}
            <Button type="submit" variant="contained" disabled={busy}>
                {action}
            </Button>
        </form>
    );
}
