/**
 * How a screen and a worker talk: the worker says that it is there; one request, any number of progress messages or pieces of the result, one outcome. Faults are data, since an error
 * thrown in a worker arrives without its fields.
 */
export type FromWorker<R, P = never> =
  | { readonly kind: 'there' }
  | { readonly kind: 'progress'; readonly done: number; readonly of: number }
  | { readonly kind: 'piece'; readonly piece: P }
  | { readonly kind: 'outcome'; readonly result: R }
  | { readonly kind: 'died'; readonly message: string };
