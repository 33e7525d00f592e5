import { createTransport } from 'nodemailer';

/** What a mail carries: a subject, a line or two, one file. */
export type Mail = { subject: string; text: string; file: { name: string; pdf: Buffer } };

/**
 * A mail that is not sent but saved, with its file in it: a mail program opens it as a draft, and the office says whom it goes to.
 * Nothing leaves this server.
 *
 * @returns the message, RFC 5322, lines ended by CRLF
 */
export async function mailDraft({ subject, text, file }: Mail): Promise<Buffer> {
  const saved = createTransport({ streamTransport: true, buffer: true, newline: 'windows' });
  const { message } = await saved.sendMail({
    subject,
    text,
    // Asked for by mail programs before they show a saved message as one still to be sent.
    headers: { 'X-Unsent': '1' },
    attachments: [{ filename: file.name, content: file.pdf, contentType: 'application/pdf' }],
  });
  return message as Buffer;
}
