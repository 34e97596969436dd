namespace Krasis.Core.Bar.Kinds;

/// <summary>Does something with every sort of fact, with the types of each.</summary>
public interface IBarKindVisitor
{
    /// <summary>Does it with one sort.</summary>
    void Visit<TDocument, TMeasured>(BarKind<TDocument, TMeasured> kind)
        where TDocument : class
        where TMeasured : class;
}
