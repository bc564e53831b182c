"""Services that listen: asked about made files, their answers kept and compared with what was meant."""
