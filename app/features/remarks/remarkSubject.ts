/** What a photograph of a remark is of. */
export function remarkSubject(remark: string): string {
  return `remark/${remark}`;
}
