using System.Net.Sockets;
using Krasis.Store.Files;
using Krasis.Web.Hosting;
using Microsoft.AspNetCore.Connections;

try
{
    return await CommandLine.Run(args).ConfigureAwait(false);
}
catch (Exception e) when (e is KrasisFileException or KrasisOptionsException)
{
    await Console.Error.WriteLineAsync($"Krasis cannot do this: {e.Message}").ConfigureAwait(false);
    return 2;
}
catch (IOException e) when (e.InnerException is AddressInUseException)
{
    await Console
        .Error.WriteLineAsync(
            $"Krasis cannot start: {e.Message} Another program uses that port; choose another with --port."
        )
        .ConfigureAwait(false);
    return 2;
}
catch (SocketException e)
{
    await Console
        .Error.WriteLineAsync(
            $"Krasis cannot start: it may not listen there ({e.Message}). Choose another address with --listen, or a port above 1023 with --port."
        )
        .ConfigureAwait(false);
    return 2;
}
