import type { Role } from '../api/types';

export const ROLES: Role[] = ['owner', 'estimator', 'foreman', 'installer'];
