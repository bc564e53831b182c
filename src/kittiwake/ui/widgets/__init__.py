"""Small pieces that pages and dialogs are put together of."""
