/** A day and a time as one says them: "26 Nov, 14:30", in the reader's own time. */
export function moment(iso: string): string {
  const at = new Date(iso);
  const day = at.toLocaleDateString('en-GB', { day: 'numeric', month: 'short' });
  const time = at.toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit' });
  return `${day}, ${time}`;
}
