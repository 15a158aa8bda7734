import { downloadPdf } from "@/server/downloads";

interface PaperParams {
  readonly id: string;
  readonly kind: string;
  readonly paper: string;
}

/** The step list (`steps`) or the cut sheet (`sheet`) on `a4` or `letter`. */
export async function GET(_: Request, { params }: { readonly params: Promise<PaperParams> }): Promise<Response> {
  const { id, kind, paper } = await params;
  return downloadPdf(id, kind, paper);
}
