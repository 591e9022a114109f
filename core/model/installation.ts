/** What the server says of its own installation. */

/** Why a backup was made. */
export const BACKUP_KINDS = ['daily', 'asked', 'before-import', 'before-restore', 'before-migration'] as const;
export type BackupKind = (typeof BACKUP_KINDS)[number];

export interface BackupList {
  /** Where they are, on the machine of the server. */
  folder: string;
  /** The newest first; `at` as an ISO moment. */
  backups: { name: string; kind: BackupKind; at: string; bytes: number }[];
  /** The size of the database, and the room left on its disk (bytes). */
  bytes: number;
  free: number;
  /** Why the last daily backup was not made; empty where it was. */
  fault: string;
}

/** Two passphrases: one to change what is here, and, where that is wanted, one only to look at it. */
export const ROLES = ['change', 'read'] as const;
export type Role = (typeof ROLES)[number];

/** Somebody's device that is signed in. */
export interface Session {
  id: string;
  role: Role;
  device: string;
  address: string;
  begun_at: string;
  seen_at: string;
}

/** How the one who asks stands, and whether one has to sign in at all. */
export interface Standing {
  /** Is a passphrase set? Without one everybody at this machine may do everything. */
  closed: boolean;
  role: Role | null;
}

/** Who may come in, as whoever may change it is shown. */
export interface Access extends Standing {
  /** Which passphrases are set, and since when. */
  passphrases: { role: Role; set_at: string }[];
  sessions: (Session & { mine: boolean })[];
  /** The newest first; `role` null: refused. */
  signIns: { at: string; device: string; address: string; role: Role | null }[];
  /** Does the server listen wider than its own machine, and by which protocol was it asked? */
  wide: boolean;
  secure: boolean;
}

/** The fewest characters of a passphrase. */
export const LEAST_PASSPHRASE = 12;
