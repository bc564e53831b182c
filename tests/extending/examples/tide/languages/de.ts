<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="de" sourcelanguage="en">
 <context>
  <name>kittiwake</name>
  <message>
   <source>Tide gauge</source>
   <translation>Pegel</translation>
  </message>
  <message>
   <source>How long all plays</source>
   <translation>Wie lang alles spielt</translation>
  </message>
 </context>
</TS>
