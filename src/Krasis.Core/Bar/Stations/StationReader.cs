using Krasis.Core.Input;

namespace Krasis.Core.Bar.Stations;

/// <summary>Reads stations.</summary>
public static class StationReader
{
    /// <summary>Reads one station.</summary>
    /// <param name="document">The document.</param>
    /// <param name="path">Where it stands, for the problems' fields; empty when it stands alone.</param>
    public static Reading<Station> Read(StationDocument document, string path = "")
    {
        var fields = new FieldReader(path);
        var id = fields.Id("id", document.Id);
        var name = fields.Name("name", document.Name);
        return fields.Finish(() => new Station(id, name));
    }
}
